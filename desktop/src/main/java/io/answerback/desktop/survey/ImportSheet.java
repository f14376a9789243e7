package io.answerback.desktop.survey;

import io.answerback.core.survey.ImportPlan;
import io.answerback.core.survey.PointColumn;
import io.answerback.core.survey.PointTable;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Rows;
import io.answerback.desktop.part.Showable;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.With;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.WindowState;
import io.answerback.files.TextEncoding;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/// A table before it is taken in: which column is what, what every row means, and which rows have to be mended.
final class ImportSheet extends FilledSheet {
    private static final String NEXT =
            "Nothing is in the job yet. What is taken in is one step, and undo takes it all away again.";

    private final TableImport table;
    private final FileQuestions files;
    private boolean badOnly;
    private Optional<Integer> line = Optional.empty();

    ImportSheet(TableImport table, FileQuestions files) {
        this.table = table;
        this.files = files;
    }

    @Override
    public String title() {
        return "Bring in a table";
    }

    @Override
    public String about(WindowState state) {
        return table.open().get().map(ImportSheet::about).orElse("");
    }

    @Override
    protected void show(WindowState state) {
        table.open().get().ifPresent(this::show);
    }

    private static String about(OpenTable open) {
        String rows = open.table().map(its -> its.rows().size() + " rows · ").orElse("");
        return "%s · %s%s"
                .formatted(open.file().getFileName(), rows, open.encoding().title());
    }

    private void show(OpenTable open) {
        List<Showable> parts = new ArrayList<>();
        if (open.table().isEmpty()) {
            parts.add(Words.wrapped(Words.of("nothing", open.trouble())));
        } else {
            parts.add(columns(open, open.table().get()));
            open.match().missing().ifPresent(missing -> parts.add(Words.wrapped(Words.of("nothing", missing))));
        }
        Parts switches = Parts.flow(encoding(open));
        switches.style("switches");
        parts.add(switches);
        open.plan().ifPresent(plan -> {
            switches.add(filter(open, plan));
            parts.addAll(rows(plan));
        });
        parts.add(actions(open));
        sheet.set(parts);
        showInstrument(open);
    }

    private Part encoding(OpenTable open) {
        return Switch.of(
                "Read it as",
                List.of(TextEncoding.values()),
                open.encoding(),
                TextEncoding::title,
                encoding -> table.read(open.file(), encoding));
    }

    private Part columns(OpenTable open, PointTable its) {
        Parts all = Parts.flow();
        all.style("import-columns");
        List<Optional<Integer>> places = new ArrayList<>();
        IntStream.range(0, its.headings().size()).forEach(i -> places.add(Optional.of(i)));
        places.add(Optional.empty());
        for (PointColumn column : PointColumn.values()) {
            var choice = Choice.of(
                    "Column for " + column.title(),
                    places,
                    open.match().place(column),
                    place -> place.map(at -> heading(its, at)).orElse("not there"),
                    place -> table.match(open.match().with(column, place)));
            Parts pair = Parts.column(Words.quiet(column.title()), choice);
            pair.style("import-column");
            all.add(pair);
        }
        return all.group();
    }

    private static String heading(PointTable its, int at) {
        String heading = its.headings().get(at);
        return heading.isEmpty() ? "column " + (at + 1) : heading;
    }

    /// The rows, of which the first to be mended is looked at until another is chosen.
    private List<Part> rows(ImportPlan plan) {
        List<ImportPlan.Reading> listed = badOnly && !plan.bad().isEmpty() ? plan.bad() : plan.rows();
        Optional<ImportPlan.Reading> chosen = listed.stream()
                .filter(row -> line.filter(its -> its == row.line()).isPresent())
                .findFirst()
                .or(() -> plan.bad().stream().findFirst());
        List<With> cells = listed.stream()
                .map(row -> ImportCell.of(row, chosen.filter(row::equals).isPresent(), () -> look(row.line())))
                .toList();
        String whole = chosen.map(row -> "Line %d: %s".formatted(row.line(), ImportCell.says(row.point())))
                .orElse("");
        return List.of(
                new Rows("Rows of the table", cells, chosen.map(listed::indexOf).orElse(-1))
                        .styled("import-rows")
                        .growing(),
                Words.wrapped(Words.of("import-whole", whole)));
    }

    private void look(int row) {
        line = Optional.of(row);
        showAgain();
    }

    private Part filter(OpenTable open, ImportPlan plan) {
        return Switch.of(
                "Show",
                List.of(false, true),
                badOnly && !plan.bad().isEmpty(),
                only -> only
                        ? "the %d to mend".formatted(plan.bad().size())
                        : "all %d rows".formatted(plan.rows().size()),
                only -> {
                    badOnly = only;
                    showAgain();
                });
    }

    private Part actions(OpenTable open) {
        Parts row = Parts.flow();
        row.style("import-actions");
        open.plan().ifPresent(plan -> {
            int good = plan.good().size();
            row.add(Tool.primary(says(plan), table::takeIn).enabled(good > 0));
            if (!plan.bad().isEmpty()) {
                row.add(Tool.of(
                        "Save the %d to mend".formatted(plan.bad().size()),
                        "a table of these rows alone, each with what is wrong with it",
                        this::saveBad));
            }
        });
        row.add(Tool.of("Give it up", "the job stays as it is", table::close));
        return row.group();
    }

    private static String says(ImportPlan plan) {
        int good = plan.good().size();
        if (plan.bad().isEmpty()) {
            return good == 1 ? "Take in the one point" : "Take in all %d points".formatted(good);
        }
        return good == 0
                ? "No row can be taken in"
                : "Take in %d points, leave out %d".formatted(good, plan.bad().size());
    }

    private void saveBad() {
        files.toWrite("Save the rows to mend", "rows to mend.csv", List.of(new FileQuestions.Sort("Table", "*.csv")))
                .ifPresent(table::writeBad);
    }

    private void showInstrument(OpenTable open) {
        instrument.set(Words.title("What comes in"));
        open.plan().ifPresent(plan -> {
            long areas = plan.good().stream()
                    .flatMap(row -> row.point().area().stream())
                    .filter(place -> place.fresh())
                    .count();
            instrument.add(
                    line(plan.good().size(), "rows become points"),
                    line((int) areas, "new areas"),
                    line(plan.bad().size(), "rows have to be mended"));
        });
        instrument.add(Words.wrapped(Words.quiet(NEXT)));
        instrument.add(Words.wrapped(Words.quiet("A cell that begins with = is a formula. It is never worked out.")));
    }

    private static Part line(int figure, String words) {
        Parts line = Parts.flow(Words.of("import-figure", Integer.toString(figure)), Words.of("question", words));
        line.style("section");
        return line.group();
    }
}
