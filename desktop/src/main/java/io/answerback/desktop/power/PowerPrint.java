package io.answerback.desktop.power;

import io.answerback.core.paper.PowerPaper;
import io.answerback.core.site.Job;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyState;
import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.desk.Disk;
import io.answerback.desktop.desk.PaperFile;
import java.io.File;
import java.nio.file.Path;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/// Writes a supply on paper.
public final class PowerPrint {
    private final Desk desk;
    private final Disk disk;
    private final Window owner;

    /// What writes on this disk, asking in front of this window.
    public PowerPrint(Desk desk, Disk disk, Window owner) {
        this.desk = desk;
        this.disk = disk;
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

    /// Writes a supply of the job as it is now on the disk thread, and tells what became of it.
    public void write(SupplyState supply, Path file) {
        Job job = desk.now().job();
        Supplies supplies = SupplyChoice.supplies(desk.now());
        disk.run(
                () -> PaperFile.write(file, measure -> PowerPaper.of(job, supplies, supply, measure)),
                problems -> desk.tell("Written: " + file + (problems.isEmpty() ? "" : ". " + problems.getFirst())));
    }
}
