package io.answerback.desktop.control;

import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.With;
import io.answerback.desktop.theme.Look;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/// Lays the lines of a table into columns; a line stays the same line while others come and go.
final class Table {
    private static final int SHORT_LETTERS = 10;
    private static final double LEAST_WIDTH = 60;

    private final GridPane pane;
    private final Look look;
    private final KeptNodes kept;
    private List<Grid.Column> columns = List.of();

    private Table(GridPane pane, Look look, PartNodes partNodes) {
        this.pane = pane;
        this.look = look;
        this.kept = new KeptNodes(partNodes);
    }

    /// What lays the lines of this pane.
    static Table of(GridPane pane, Look look, PartNodes partNodes) {
        return (Table) pane.getProperties().computeIfAbsent(Table.class, key -> new Table(pane, look, partNodes));
    }

    void show(Grid grid) {
        if (!grid.columns().equals(columns)) {
            columns = grid.columns();
            pane.getColumnConstraints().setAll(columns.stream().map(this::width).toList());
        }
        List<Part> cells = new ArrayList<>();
        for (Grid.Line line : grid.lines()) {
            for (int column = 0; column < line.cells().size(); column++) {
                cells.add(cell(line, column));
            }
        }
        List<Node> nodes = kept.show(cells);
        int at = 0;
        for (int row = 0; row < grid.lines().size(); row++) {
            Grid.Line line = grid.lines().get(row);
            for (int column = 0; column < line.cells().size(); column++) {
                boolean last = column == line.cells().size() - 1;
                lay(nodes.get(at), line.cells().get(column), column, row, last ? line.spans() : 1);
                at++;
            }
        }
        KeptNode.put(nodes, pane.getChildren());
    }

    private static Part cell(Grid.Line line, int column) {
        Part cell = line.cells().get(column);
        boolean named = cell instanceof With with && !with.key().isEmpty();
        return line.key().isEmpty() || named ? cell : cell.keyed(line.key() + " " + column);
    }

    private void lay(Node node, Part cell, int column, int row, int spans) {
        GridPane.setConstraints(node, column, row, spans, 1);
        With with = With.of(cell);
        GridPane.setHgrow(node, with.grows() ? Priority.ALWAYS : null);
        if (node instanceof Label label && with.part() instanceof Text) {
            keepShort(label);
        }
        if (node instanceof Region region) {
            Widths.set(region, with, look);
        }
    }

    /// Numbers, ids and short words stay whole, and a long name gives way by wrapping: it never turns the others
    /// into dots, nor a heading into a column of letters.
    private void keepShort(Label label) {
        if (label.getText().length() <= SHORT_LETTERS) {
            label.setMinWidth(Region.USE_PREF_SIZE);
        } else if (label.getMinWidth() != Region.USE_PREF_SIZE) {
            label.setWrapText(true);
            label.setMinHeight(Region.USE_PREF_SIZE);
            label.setMinWidth(look.px(LEAST_WIDTH));
        }
    }

    private ColumnConstraints width(Grid.Column column) {
        ColumnConstraints width = new ColumnConstraints();
        if (column.least() > 0) {
            width.setMinWidth(look.px(column.least()));
        }
        if (column.percent() > 0) {
            width.setPercentWidth(column.percent());
        }
        if (column.grows()) {
            width.setHgrow(Priority.ALWAYS);
        }
        return width;
    }
}
