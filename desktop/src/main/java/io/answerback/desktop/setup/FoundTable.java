package io.answerback.desktop.setup;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.site.Job;
import io.answerback.core.setup.Catalogue;
import io.answerback.core.setup.SetupEdits;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.files.exchange.FoundCsv;
import java.nio.file.Path;
import java.util.Locale;

/// Reads what was read out of a panel from a file, on the thread for files, and tells what could not be
/// understood.
public final class FoundTable {
    /// What the name of such a file ends in where it is to be told from a table of points.
    public static final String ENDING = ".settings.csv";

    private final Actions actions;
    private final Background background;

    /// What reads files there into the open job.
    public FoundTable(Actions actions, Background background) {
        this.actions = actions;
        this.background = background;
    }

    /// Whether a file that was dropped is such a table, by its name.
    public static boolean takes(Path file) {
        return file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(ENDING);
    }

    /// Reads a table into the job in one step that can be undone.
    public void take(Path file) {
        Job job = actions.now().job();
        background.run(() -> FoundCsv.read(file, Catalogue.of(job)), this::taken);
    }

    private void taken(FoundCsv.Read read) {
        actions.go(Stop.SET_UP);
        if (!read.found().isEmpty()) {
            actions.apply(SetupEdits.found(read.found()));
        }
        actions.tell(
                read.refused().isEmpty()
                        ? "%d entries were read.".formatted(read.found().size())
                        : "%d entries were read, %d were not: %s"
                                .formatted(
                                        read.found().size(),
                                        read.refused().size(),
                                        read.refused().getFirst()));
    }
}
