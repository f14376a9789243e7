package io.answerback.desktop.survey;

import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.site.Job;
import io.answerback.core.survey.ColumnMatch;
import io.answerback.core.survey.ImportPlan;
import io.answerback.core.survey.KindCatalogue;
import io.answerback.core.survey.PointTable;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.OpenJob;
import io.answerback.files.TextEncoding;
import io.answerback.files.exchange.PointCsv;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/// The table of points that is about to be imported, if one is. Read and worked out off the JavaFX thread;
/// nothing of it is in the job before it is taken in whole, as one edit.
public final class TableImport {
    private final OpenJob openJob;
    private final Background background;
    private final KindCatalogue kinds;
    private final Conductor conductor;
    private final ReadOnlyObjectWrapper<Optional<OpenTable>> open = new ReadOnlyObjectWrapper<>(Optional.empty());
    private Job workedFor;

    /// No table yet.
    public TableImport(OpenJob openJob, Background background, KindCatalogue kinds, Conductor conductor) {
        this.openJob = openJob;
        this.background = background;
        this.kinds = kinds;
        this.conductor = conductor;
        openJob.state()
                .subscribe(() -> open.get()
                        .filter(table -> openJob.now().job() != workedFor)
                        .ifPresent(this::workOut));
    }

    /// The table that is open; empty for none.
    ReadOnlyObjectProperty<Optional<OpenTable>> open() {
        return open.getReadOnlyProperty();
    }

    /// Opens a table, in UTF-8 until somebody says otherwise.
    public void read(Path file) {
        read(file, TextEncoding.UTF_8);
    }

    /// Opens a table that was pasted, as cells of a spreadsheet are: what is in it is seen before anything is
    /// taken in.
    void pasted(String text) {
        background.run(
                () -> {
                    Path file = Files.createTempFile("pasted points ", ".tsv");
                    file.toFile().deleteOnExit();
                    Files.writeString(file, text.strip() + "\n");
                    return file;
                },
                this::read);
    }

    /// Opens a table in an encoding. One that cannot be read is open too, with the reason.
    void read(Path file, TextEncoding encoding) {
        background.run(
                () -> PointCsv.read(file, encoding),
                table -> {
                    ColumnMatch match = ColumnMatch.of(table.headings());
                    workOut(new OpenTable(file, encoding, "", Optional.of(table), match, Optional.empty()));
                },
                trouble -> open.set(Optional.of(new OpenTable(
                        file, encoding, trouble, Optional.empty(), new ColumnMatch(Map.of()), Optional.empty()))));
    }

    /// Matches the columns otherwise.
    void match(ColumnMatch match) {
        open.get().ifPresent(table -> workOut(table.with(match)));
    }

    private void workOut(OpenTable table) {
        open.set(Optional.of(table));
        Job job = openJob.now().job();
        workedFor = job;
        if (table.table().isEmpty() || table.match().missing().isPresent()) {
            return;
        }
        PointTable rows = table.table().get();
        background.run(() -> ImportPlan.of(job, kinds, rows, table.match()), plan -> {
            if (open.get().filter(now -> now.match() == table.match()).isPresent() && workedFor == job) {
                open.set(Optional.of(table.with(plan)));
            }
        });
    }

    /// Takes in every good row as one edit and lays the table aside.
    void takeIn() {
        open.get()
                .flatMap(OpenTable::plan)
                .filter(plan -> !plan.good().isEmpty())
                .ifPresent(plan -> {
                    OpenTable table = open.get().orElseThrow();
                    close();
                    if (openJob.apply(
                            plan.edit(conductor), plan.good().getFirst().point().id())) {
                        openJob.tell(taken(table, plan));
                    } else {
                        open.set(Optional.of(table));
                    }
                });
    }

    private static String taken(OpenTable table, ImportPlan plan) {
        String left = plan.bad().isEmpty()
                ? ""
                : " %d were left out.".formatted(plan.bad().size());
        return "%d points came in from %s.%s Undo takes them away again."
                .formatted(plan.good().size(), table.file().getFileName(), left);
    }

    /// Writes the rows that cannot be taken in to a file, each with its problem.
    void writeBad(Path file) {
        open.get()
                .ifPresent(table -> table.plan()
                        .ifPresent(plan -> background.run(
                                () -> {
                                    PointCsv.writeBad(file, table.table().orElseThrow(), plan);
                                    return file;
                                },
                                written -> openJob.tell("The rows to mend are in " + written + "."))));
    }

    /// Lays the table aside; the job stays as it is.
    void close() {
        open.set(Optional.empty());
    }
}
