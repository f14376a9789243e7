package io.answerback.desktop.control;

import io.answerback.desktop.part.Card;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Tile;
import io.answerback.desktop.part.With;
import io.answerback.desktop.theme.Look;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;

/// Parts that hold others.
final class Panes {
    private final Look look;
    private final PartNodes partNodes;

    Panes(Look look, PartNodes partNodes) {
        this.look = look;
        this.partNodes = partNodes;
    }

    Pane make(Group group) {
        Pane pane = switch (group.layout()) {
            case ROW -> new HBox();
            case COLUMN -> new VBox();
            case FLOW -> new Flow();
            case TILES -> new TilePane();
            case COLUMNS -> new ColumnsPane(look);
        };
        pane.getStyleClass().addAll(group.styles());
        return pane;
    }

    void fit(Pane pane, Group group) {
        if (pane instanceof TilePane tiles) {
            tiles.setPrefTileWidth(look.px(group.tileWidth()));
        }
        fill(pane, group.parts());
    }

    PressRow make(Press press) {
        PressRow row = new PressRow();
        row.getStyleClass().addAll(press.style().split(" "));
        return row;
    }

    void fit(PressRow row, Press press) {
        row.show(press.says(), press.action());
        fill(row, press.parts());
    }

    void fit(KeyCard node, Card card) {
        node.show(card);
        fill(node, card.parts());
    }

    void fit(TileRow row, Tile tile) {
        row.show(tile);
        fill(row, tile.parts());
    }

    GridPane make(Grid grid) {
        GridPane pane = new GridPane();
        pane.getStyleClass().addAll(grid.styles());
        return pane;
    }

    void fit(Pane pane, Grid grid) {
        Table.of((GridPane) pane, look, partNodes).show(grid);
    }

    /// Puts parts into a pane.
    void fill(Pane pane, List<? extends Part> parts) {
        KeptNodes kept =
                (KeptNodes) pane.getProperties().computeIfAbsent(KeptNodes.class, key -> new KeptNodes(partNodes));
        List<Node> nodes = kept.show(parts);
        KeptNode.put(nodes, pane.getChildren());
        for (KeptNode node : kept.placed()) {
            lay(pane, node);
        }
    }

    private void lay(Pane pane, KeptNode kept) {
        Node node = kept.node();
        With with = With.of(kept.part());
        Priority priority = with.grows() ? Priority.ALWAYS : null;
        if (pane instanceof HBox) {
            HBox.setHgrow(node, priority);
        } else if (pane instanceof VBox && !(node instanceof PictureView)) {
            VBox.setVgrow(node, priority);
        }
        if (node instanceof Region region) {
            Widths.set(region, with, look);
            if (with.part() instanceof Text) {
                region.setMaxWidth(with.grows() ? Double.MAX_VALUE : Region.USE_COMPUTED_SIZE);
            }
        }
    }
}
