package io.answerback.desktop.control;

import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.util.Subscription;

/// Draws a value as a button with little about it, and as a text field while it is typed into.
final class ValueFieldSkin extends SoleChild<ValueField> {
    private static final int LEAST_LETTERS = 5;

    private final Button shown = new Button();
    private final TextField typed = new TextField();
    private final Subscription listening;

    ValueFieldSkin(ValueField field) {
        super(field);
        shown.getStyleClass().add("value-shown");
        shown.setAccessibleRole(AccessibleRole.BUTTON);
        shown.setOnAction(click -> field.open());
        shown.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ENTER || key.getCode() == KeyCode.F2) {
                field.open();
                key.consume();
            }
        });
        typed.getStyleClass().add("value-typed");
        typed.setOnAction(enter -> take());
        typed.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                field.close();
                key.consume();
            }
        });
        typed.focusedProperty().subscribe((was, is) -> {
            if (was && !is) {
                field.close();
            }
        });
        getChildren().add(shown);
        listening = Subscription.combine(
                field.shown().subscribe(this::show), field.editing().subscribe(this::edit));
    }

    private void show(ValueField.Shown value) {
        shown.setText(value.text());
        shown.setAccessibleText(value.name() + " " + value.text());
        shown.setWrapText(value.wraps());
        shown.setMinHeight(value.wraps() ? Region.USE_PREF_SIZE : Region.USE_COMPUTED_SIZE);
        typed.setAccessibleText(value.name());
        Hint.on(shown, "%s: %s. Click to change.".formatted(value.name(), value.text()));
    }

    private void edit(boolean editing) {
        if (editing) {
            String text = getSkinnable().shown().get().text();
            typed.setText(text);
            typed.setPrefColumnCount(Math.max(LEAST_LETTERS, text.length()));
            getChildren().setAll(typed);
            typed.requestFocus();
            typed.selectAll();
        } else if (!getChildren().contains(shown)) {
            boolean hadKeyboard = typed.isFocused();
            getChildren().setAll(shown);
            if (hadKeyboard) {
                shown.requestFocus();
            }
        }
    }

    private void take() {
        if (!getSkinnable().take(typed.getText())) {
            typed.selectAll();
        }
    }

    @Override
    public void dispose() {
        listening.unsubscribe();
        super.dispose();
    }
}
