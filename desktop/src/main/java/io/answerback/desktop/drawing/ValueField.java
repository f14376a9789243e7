package io.answerback.desktop.drawing;

import java.util.function.Predicate;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.StackPane;

/// A value that is edited where it stands: click it or press Enter on it, type, Enter. Escape leaves it as it
/// was.
public final class ValueField extends StackPane {
    private final Button shown = new Button();
    private final TextField typed = new TextField();
    private final Predicate<String> accept;

    /// A value on a drawing.
    ///
    /// @param name what it is, for screen readers and on hover, such as "Cable length"
    /// @param text the value as it is shown
    /// @param accept takes what was typed; false when it is refused, and then the field stays open
    public ValueField(String name, String text, Predicate<String> accept) {
        this.accept = accept;
        getStyleClass().add("value-field");
        shown.getStyleClass().add("value-shown");
        shown.setText(text);
        shown.setAccessibleText(name + " " + text);
        shown.setAccessibleRole(AccessibleRole.BUTTON);
        Hint.on(shown, "%s: %s. Click to change.".formatted(name, text));
        shown.setOnAction(click -> open());
        typed.getStyleClass().add("value-typed");
        typed.setAccessibleText(name);
        typed.setPrefColumnCount(Math.max(5, text.length()));
        typed.setOnAction(enter -> take());
        typed.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                close();
                key.consume();
            }
        });
        typed.focusedProperty().subscribe((was, is) -> {
            if (was && !is) {
                close();
            }
        });
        getChildren().add(shown);
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
    }

    /// The same field, its value broken into as many lines as it needs.
    public ValueField wrapped() {
        shown.setWrapText(true);
        shown.setMinHeight(USE_PREF_SIZE);
        setMaxWidth(Double.MAX_VALUE);
        setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        return this;
    }

    private void open() {
        typed.setText(shown.getText());
        getChildren().setAll(typed);
        typed.requestFocus();
        typed.selectAll();
    }

    private void take() {
        if (accept.test(typed.getText())) {
            close();
        } else {
            typed.getStyleClass().add("refused");
            typed.selectAll();
        }
    }

    private void close() {
        typed.getStyleClass().remove("refused");
        getChildren().setAll(shown);
    }
}
