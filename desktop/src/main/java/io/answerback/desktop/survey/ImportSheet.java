package io.answerback.desktop.survey;

import io.answerback.core.survey.ImportPlan;
import io.answerback.core.survey.PointColumn;
import io.answerback.core.survey.PointTable;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Switch;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.theme.WhileShown;
import io.answerback.desktop.work.WindowState;
import io.answerback.files.TextEncoding;
import java.io.File;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;

/// A table before it is taken in: which column is what, what every row means, and which rows have to be mended.
final class ImportSheet extends Sheet {
    private static final double ROW_HEIGHT = 26;
    private static final String NEXT =
            "Nothing is in the job yet. What is taken in is one step, and undo takes it all away again.";

    private final TableImport table;
    private final ListView<ImportPlan.Reading> rows = new ListView<>();
    private final Label whole = Words.wrapped(Words.of("import-whole", ""));
    private boolean badOnly;

    ImportSheet(TableImport table, Look look) {
        this.table = table;
        rows.getStyleClass().add("import-rows");
        rows.setAccessibleText("Rows of the table");
        rows.setCellFactory(view -> new ImportCell(look));
        WhileShown.listen(
                rows, () -> look.textPercent().subscribe(percent -> rows.setFixedCellSize(look.px(ROW_HEIGHT))));
        VBox.setVgrow(rows, Priority.ALWAYS);
        rows.getSelectionModel()
                .selectedItemProperty()
                .subscribe(row -> whole.setText(
                        row == null ? "" : "Line %d: %s".formatted(row.line(), ImportCell.says(row.point()))));
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
    public void show(WindowState state) {
        table.open().get().ifPresent(this::show);
    }

    private static String about(OpenTable open) {
        String rows = open.table().map(its -> its.rows().size() + " rows · ").orElse("");
        return "%s · %s%s"
                .formatted(open.file().getFileName(), rows, open.encoding().title());
    }

    private void show(OpenTable open) {
        List<Node> parts = new ArrayList<>();
        if (open.table().isEmpty()) {
            parts.add(Words.wrapped(Words.of("nothing", open.trouble())));
        } else {
            parts.add(columns(open, open.table().get()));
            open.match().missing().ifPresent(missing -> parts.add(Words.wrapped(Words.of("nothing", missing))));
        }
        Flow switches = new Flow(encoding(open));
        switches.getStyleClass().add("switches");
        parts.add(switches);
        open.plan().ifPresent(plan -> {
            switches.getChildren().add(filter(open, plan));
            parts.addAll(List.of(rows, whole));
        });
        parts.add(actions(open));
        sheet.getChildren().setAll(parts);
        showInstrument(open);
    }

    private Node encoding(OpenTable open) {
        return Switch.of(
                "Read it as",
                List.of(TextEncoding.values()),
                open.encoding(),
                TextEncoding::title,
                encoding -> table.read(open.file(), encoding));
    }

    private Node columns(OpenTable open, PointTable its) {
        Flow all = new Flow();
        all.getStyleClass().add("import-columns");
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
            VBox pair = new VBox(Words.quiet(column.title()), choice);
            pair.getStyleClass().add("import-column");
            all.getChildren().add(pair);
        }
        return all;
    }

    private static String heading(PointTable its, int at) {
        String heading = its.headings().get(at);
        return heading.isEmpty() ? "column " + (at + 1) : heading;
    }

    private Node filter(OpenTable open, ImportPlan plan) {
        rows.getItems().setAll(badOnly && !plan.bad().isEmpty() ? plan.bad() : plan.rows());
        rows.getSelectionModel().select(plan.bad().isEmpty() ? null : plan.bad().getFirst());
        return Switch.of(
                "Show",
                List.of(false, true),
                badOnly && !plan.bad().isEmpty(),
                only -> only
                        ? "the %d to mend".formatted(plan.bad().size())
                        : "all %d rows".formatted(plan.rows().size()),
                only -> {
                    badOnly = only;
                    show(open);
                });
    }

    private Node actions(OpenTable open) {
        Flow row = new Flow();
        row.getStyleClass().add("import-actions");
        open.plan().ifPresent(plan -> {
            int good = plan.good().size();
            Button take = Tool.primary(says(plan), table::takeIn);
            take.setDisable(good == 0);
            row.getChildren().add(take);
            if (!plan.bad().isEmpty()) {
                row.getChildren()
                        .add(Tool.of(
                                "Save the %d to mend".formatted(plan.bad().size()),
                                "a table of these rows alone, each with what is wrong with it",
                                this::saveBad));
            }
        });
        row.getChildren().add(Tool.of("Give it up", "the job stays as it is", table::close));
        return row;
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
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Save the rows to mend");
        chooser.setInitialFileName("rows to mend.csv");
        File file = chooser.showSaveDialog(sheet.getScene().getWindow());
        if (file != null) {
            table.writeBad(file.toPath());
        }
    }

    private void showInstrument(OpenTable open) {
        instrument.getChildren().setAll(Words.title("What comes in"));
        open.plan().ifPresent(plan -> {
            long areas = plan.good().stream()
                    .flatMap(row -> row.point().area().stream())
                    .filter(place -> place.fresh())
                    .count();
            instrument
                    .getChildren()
                    .addAll(
                            line(plan.good().size(), "rows become points"),
                            line((int) areas, "new areas"),
                            line(plan.bad().size(), "rows have to be mended"));
        });
        instrument.getChildren().add(Words.wrapped(Words.quiet(NEXT)));
        instrument
                .getChildren()
                .add(Words.wrapped(Words.quiet("A cell that begins with = is a formula. It is never worked out.")));
    }

    private static Node line(int figure, String words) {
        Flow line = new Flow(Words.of("import-figure", Integer.toString(figure)), Words.of("question", words));
        line.getStyleClass().add("section");
        return line;
    }
}
