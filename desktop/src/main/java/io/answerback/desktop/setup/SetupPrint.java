package io.answerback.desktop.setup;

import io.answerback.core.paper.SetupPaper;
import io.answerback.core.setup.RunSheet;
import io.answerback.core.site.Job;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.PaperFile;
import io.answerback.files.TableCsv;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/// Writes the run sheet and what each zone does on paper, or the run sheet as a table.
public final class SetupPrint {
    private final OpenJob openJob;
    private final Background background;
    private final Window owner;

    /// What writes files there, asking in front of this window.
    public SetupPrint(OpenJob openJob, Background background, Window owner) {
        this.openJob = openJob;
        this.background = background;
        this.owner = owner;
    }

    void ask() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Run sheet");
        chooser.setInitialFileName("run sheet.pdf");
        for (String kind : List.of("pdf", "svg", "csv")) {
            chooser.getExtensionFilters()
                    .add(new FileChooser.ExtensionFilter(kind.toUpperCase(java.util.Locale.ROOT), "*." + kind));
        }
        File chosen = chooser.showSaveDialog(owner);
        if (chosen != null) {
            write(chosen.toPath());
        }
    }

    /// Writes the run sheet of the job as it is now on the thread for files, and tells what became of it.
    public void write(Path file) {
        Job job = openJob.now().job();
        RunSheet sheet = openJob.now().assessment().setup().sheet();
        background.run(
                () -> {
                    if (file.toString().endsWith(".csv")) {
                        TableCsv.write(file, SetupPaper.entries(job, sheet));
                        return List.<String>of();
                    }
                    return PaperFile.write(file, measure -> SetupPaper.of(job, sheet, measure));
                },
                problems -> openJob.tell("Written: " + file + (problems.isEmpty() ? "" : ". " + problems.getFirst())));
    }
}
