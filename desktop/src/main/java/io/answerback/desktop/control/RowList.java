package io.answerback.desktop.control;

import io.answerback.desktop.part.Rows;
import io.answerback.desktop.part.With;
import io.answerback.desktop.theme.Look;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.skin.VirtualFlow;
import javafx.scene.layout.StackPane;

/// Many rows, of which only those in sight have nodes. A row keeps its node while it is in sight.
final class RowList extends ListView<With> {
    private static final double ROW_HEIGHT = 34;
    private static final int ROWS_IN_SIGHT = 5;
    private static final int ROWS_ABOVE = 2;

    private final Look look;
    private int inSight = -1;
    private final PartNodes partNodes;

    RowList(Look look, PartNodes partNodes) {
        this.look = look;
        this.partNodes = partNodes;
        getStyleClass().add("row-list");
        setFocusTraversable(false);
        setCellFactory(list -> new Cell());
    }

    void show(Rows rows) {
        setAccessibleText(rows.name());
        setMinHeight(look.px(ROW_HEIGHT * Math.min(ROWS_IN_SIGHT, rows.rows().size())));
        take(rows.rows());
        if (rows.shown() >= 0 && rows.shown() != inSight && !seen(rows.shown())) {
            scrollTo(Math.max(0, rows.shown() - ROWS_ABOVE));
        }
        inSight = rows.shown();
    }

    /// Rows that are the same keep their cells as they are.
    private void take(List<With> rows) {
        if (rows.size() != getItems().size()) {
            getItems().setAll(rows);
            return;
        }
        for (int i = 0; i < rows.size(); i++) {
            if (!rows.get(i).equals(getItems().get(i))) {
                getItems().set(i, rows.get(i));
            }
        }
    }

    private boolean seen(int row) {
        if (!(lookup(".virtual-flow") instanceof VirtualFlow<?> flow) || flow.getFirstVisibleCell() == null) {
            return false;
        }
        return row > flow.getFirstVisibleCell().getIndex()
                && row < flow.getLastVisibleCell().getIndex();
    }

    /// Draws one row.
    private final class Cell extends ListCell<With> {
        private final StackPane pane = new StackPane();
        private final KeptNodes kept = new KeptNodes(partNodes);

        Cell() {
            setPrefWidth(0);
            pane.setAlignment(Pos.CENTER_LEFT);
            setGraphic(pane);
        }

        @Override
        protected void updateItem(With row, boolean empty) {
            super.updateItem(row, empty);
            KeptNode.put(kept.show(empty || row == null ? List.of() : List.of(row.unkeyed())), pane.getChildren());
        }
    }
}
