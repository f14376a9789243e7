package io.answerback.desktop.drawing;

import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;

/// A row of words that does something: click it, or press Enter or Space on it. Unlike a button's graphic, its
/// words wrap to the width there is.
public final class RowButton extends HBox {
    /// A row.
    ///
    /// @param says what it is, for screen readers
    /// @param action what it does
    public RowButton(String says, Runnable action, Node... parts) {
        super(parts);
        getStyleClass().add("finding");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.BUTTON);
        setAccessibleText(says);
        setOnMouseClicked(click -> action.run());
        setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ENTER || key.getCode() == KeyCode.SPACE) {
                action.run();
                key.consume();
            }
        });
    }
}
