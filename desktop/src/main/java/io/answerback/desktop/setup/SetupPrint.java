package io.answerback.desktop.setup;

import io.answerback.core.model.site.Job;
import io.answerback.core.paper.SetupPaper;
import io.answerback.core.setup.RunSheet;
import io.answerback.core.setup.SetupState;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.PaperFile;
import io.answerback.files.exchange.TableCsv;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/// Writes the run sheet and what each zone does on paper, or the run sheet as a table.
public final class SetupPrint {
    private final Actions actions;
    private final Background background;
    private final FileQuestions files;

    /// What writes files, and asks where.
    public SetupPrint(Actions actions, Background background, FileQuestions files) {
        this.actions = actions;
        this.background = background;
        this.files = files;
    }

    void ask() {
        List<FileQuestions.Sort> sorts = Stream.of("pdf", "svg", "csv")
                .map(kind -> new FileQuestions.Sort(kind.toUpperCase(Locale.ROOT), "*." + kind))
                .toList();
        files.toWrite("Run sheet", "run sheet.pdf", sorts).ifPresent(this::write);
    }

    /// Writes the run sheet of the job as it is now on the thread for files, and tells what became of it.
    public void write(Path file) {
        Job job = actions.now().job();
        RunSheet sheet = actions.now().assessment().get(SetupState.FACT).sheet();
        background.run(
                () -> {
                    if (file.toString().endsWith(".csv")) {
                        TableCsv.write(file, SetupPaper.entries(job, sheet));
                        return List.<String>of();
                    }
                    return PaperFile.write(file, measure -> SetupPaper.of(job, sheet, measure));
                },
                problems -> actions.tell("Written: " + file + (problems.isEmpty() ? "" : ". " + problems.getFirst())));
    }
}
