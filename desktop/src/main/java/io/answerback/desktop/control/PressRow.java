package io.answerback.desktop.control;

import javafx.scene.AccessibleRole;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;

/// A row that does something: click it, or press Enter or Space on it. Unlike a button's graphic, its words
/// wrap to the width there is.
public final class PressRow extends HBox {
    private Runnable action = () -> {};

    /// An empty row.
    public PressRow() {
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.BUTTON);
        addEventHandler(MouseEvent.MOUSE_CLICKED, click -> action.run());
        setOnKeyPressed(key -> {
            if (key.getTarget() == this && (key.getCode() == KeyCode.ENTER || key.getCode() == KeyCode.SPACE)) {
                action.run();
                key.consume();
            }
        });
    }

    /// Says what it is, and what it does.
    public void show(String says, Runnable does) {
        setAccessibleText(says);
        action = does;
    }
}
