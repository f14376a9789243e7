package io.answerback.desktop.power;

import io.answerback.core.paper.PowerPaper;
import io.answerback.core.site.Job;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyState;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.PaperFile;
import java.io.File;
import java.nio.file.Path;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/// Writes a supply on paper.
public final class PowerPrint {
    private final OpenJob openJob;
    private final Background background;
    private final Window owner;

    /// What writes files there, asking in front of this window.
    public PowerPrint(OpenJob openJob, Background background, Window owner) {
        this.openJob = openJob;
        this.background = background;
        this.owner = owner;
    }

    void ask(SupplyState supply) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Supply of " + supply.title());
        chooser.setInitialFileName("supply.pdf");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("PDF", "*.pdf"));
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("SVG", "*.svg"));
        File chosen = chooser.showSaveDialog(owner);
        if (chosen != null) {
            write(supply, chosen.toPath());
        }
    }

    /// Writes a supply of the job as it is now on the thread for files, and tells what became of it.
    public void write(SupplyState supply, Path file) {
        Job job = openJob.now().job();
        Supplies supplies = SupplyChoice.supplies(openJob.now());
        background.run(
                () -> PaperFile.write(file, measure -> PowerPaper.of(job, supplies, supply, measure)),
                problems -> openJob.tell("Written: " + file + (problems.isEmpty() ? "" : ". " + problems.getFirst())));
    }
}
