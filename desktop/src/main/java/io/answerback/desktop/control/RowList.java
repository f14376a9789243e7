package io.answerback.desktop.control;

import io.answerback.desktop.part.Rows;
import io.answerback.desktop.part.With;
import io.answerback.desktop.theme.Look;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.StackPane;

/// Many rows, of which only those in sight have nodes. A row keeps its node while it is in sight.
final class RowList extends ListView<With> {
    private static final double ROW_HEIGHT = 34;
    private static final int ROWS_IN_SIGHT = 7;

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
        if (!rows.rows().equals(getItems())) {
            getItems().setAll(rows.rows());
        }
        if (rows.shown() >= 0 && rows.shown() != inSight) {
            scrollTo(rows.shown());
        }
        inSight = rows.shown();
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
