package io.answerback.desktop.drawing;

import javafx.scene.control.Button;
import javafx.scene.layout.Region;

/// Small buttons beside what they act on.
public final class Tool {
    private Tool() {}

    /// A button.
    ///
    /// @param text what stands on it
    /// @param hint what it does, on hover and for screen readers
    public static Button of(String text, String hint, Runnable action) {
        Button button = new Button(text);
        button.getStyleClass().add("tool");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setAccessibleText(text + ": " + hint);
        Hint.on(button, hint);
        button.setOnAction(click -> action.run());
        return button;
    }

    /// A button with an arrow on it.
    ///
    /// @param name what it does, in a word
    public static Button arrow(String arrow, String name, String hint, Runnable action) {
        Button button = of(arrow, hint, action);
        button.getStyleClass().add("tool-arrow");
        button.setAccessibleText(name + ": " + hint);
        return button;
    }

    /// The button that does what the sheet is for.
    public static Button primary(String text, Runnable action) {
        Button button = new Button(text);
        button.getStyleClass().add("primary");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(click -> action.run());
        return button;
    }
}
