package io.answerback.desktop.learn;

import io.answerback.core.assess.Assessment;
import io.answerback.core.learn.apprentice.BoardForm;
import io.answerback.core.paper.Table;
import io.answerback.core.paper.TableSetter;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.files.SafeFile;
import io.answerback.files.exchange.TableCsv;
import io.answerback.print.PdfWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Supplier;

/// Writes what a teacher takes along: tables with commas, and sheets as PDF.
public final class TeacherFiles {
    private static final List<FileQuestions.Sort> CSV = List.of(new FileQuestions.Sort("Table", "*.csv"));
    private static final List<FileQuestions.Sort> PDF = List.of(new FileQuestions.Sort("PDF", "*.pdf"));

    private final Actions actions;
    private final Background background;
    private final FileQuestions files;
    private final Supplier<Assessment> job;

    /// What writes files, and asks where.
    ///
    /// @param job the open job
    public TeacherFiles(Actions actions, Background background, FileQuestions files, Supplier<Assessment> job) {
        this.job = job;
        this.actions = actions;
        this.background = background;
        this.files = files;
    }

    void table(String title, String name, Table table) {
        files.toWrite(title, name + ".csv", CSV)
                .ifPresent(file -> background.run(
                        () -> {
                            TableCsv.write(file, table);
                            return file;
                        },
                        this::written));
    }

    /// Writes a table as a PDF; it is made off the window's thread.
    void sheet(String title, String name, Supplier<Table> made) {
        files.toWrite(title, name + ".pdf", PDF)
                .ifPresent(file -> background.run(
                        () -> {
                            Table table = made.get();
                            SafeFile.replace(
                                    file,
                                    PdfWriter.write(measure -> TableSetter.set(table, measure))
                                            .bytes());
                            return file;
                        },
                        this::written));
    }

    /// The form to mark a wired board by.
    void board() {
        Assessment open = job.get();
        sheet("Marking form", "board", () -> BoardForm.of(open));
    }

    private void written(Path file) {
        actions.tell("Written: " + file);
    }
}
