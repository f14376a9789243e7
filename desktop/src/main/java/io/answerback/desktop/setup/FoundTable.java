package io.answerback.desktop.setup;

import io.answerback.core.edit.SetupEdits;
import io.answerback.core.finding.Stop;
import io.answerback.core.site.Job;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.OpenJob;
import io.answerback.files.FoundCsv;
import java.nio.file.Path;
import java.util.Locale;

/// Reads what was read out of a panel from a file, on the thread for files, and tells what could not be
/// understood.
public final class FoundTable {
    /// What the name of such a file ends in where it is to be told from a table of points.
    public static final String ENDING = ".settings.csv";

    private final OpenJob openJob;
    private final Background background;

    /// What reads files there into the open job.
    public FoundTable(OpenJob openJob, Background background) {
        this.openJob = openJob;
        this.background = background;
    }

    /// Whether a file that was dropped is such a table, by its name.
    public static boolean takes(Path file) {
        return file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(ENDING);
    }

    /// Reads a table into the job in one step that can be undone.
    public void take(Path file) {
        Job job = openJob.now().job();
        background.run(() -> FoundCsv.read(file, job.panel().profile().setup()), this::taken);
    }

    private void taken(FoundCsv.Read read) {
        openJob.go(Stop.SET_UP);
        if (!read.found().isEmpty()) {
            openJob.apply(SetupEdits.found(read.found()));
        }
        openJob.tell(
                read.refused().isEmpty()
                        ? "%d entries were read.".formatted(read.found().size())
                        : "%d entries were read, %d were not: %s"
                                .formatted(
                                        read.found().size(),
                                        read.refused().size(),
                                        read.refused().getFirst()));
    }
}
