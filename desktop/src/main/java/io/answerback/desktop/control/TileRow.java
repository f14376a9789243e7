package io.answerback.desktop.control;

import io.answerback.desktop.part.Tile;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;

/// One of many things that can be looked at, or picked together.
final class TileRow extends HBox {
    private static final PseudoClass PICKED = PseudoClass.getPseudoClass("picked");

    private Tile tile;

    TileRow() {
        getStyleClass().add("tile");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.BUTTON);
        addEventHandler(MouseEvent.MOUSE_CLICKED, this::click);
        setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ENTER) {
                tile.look().run();
                key.consume();
            }
        });
    }

    void show(Tile other) {
        tile = other;
        pseudoClassStateChanged(PICKED, other.picked());
        setAccessibleText(other.says());
        Hint.on(this, other.hint());
    }

    private void click(MouseEvent click) {
        if (click.isShortcutDown()) {
            tile.pick().run();
        } else if (click.isShiftDown()) {
            tile.pickUpTo().run();
        } else {
            tile.look().run();
        }
        click.consume();
    }
}
