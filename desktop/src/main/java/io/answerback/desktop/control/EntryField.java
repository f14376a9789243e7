package io.answerback.desktop.control;

import io.answerback.desktop.part.Entry;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/// A field in a column of fields. What is half typed stays while the value changes elsewhere.
public final class EntryField extends TextField {
    private static final PseudoClass REFUSED = PseudoClass.getPseudoClass("refused");
    private static final int LETTERS = 7;

    private Entry entry;

    /// An empty field.
    public EntryField() {
        getStyleClass().add("reading-typed");
        setPrefColumnCount(LETTERS);
        setMinWidth(USE_PREF_SIZE);
        focusedProperty().subscribe((was, is) -> {
            if (is && !was) {
                entry.entered().run();
                selectAll();
            } else if (was && !is) {
                take();
            }
        });
        setOnAction(enter -> {
            take();
            next();
        });
        addEventFilter(KeyEvent.KEY_PRESSED, this::press);
    }

    void show(Entry other) {
        boolean changed = entry == null || !entry.text().equals(other.text());
        boolean untouched =
                entry == null || getText().equals(entry.text()) || getText().isEmpty() || !isFocused();
        entry = other;
        setAccessibleText(other.name());
        if (changed && untouched) {
            setText(other.text());
        }
    }

    private void press(KeyEvent key) {
        boolean nothingTyped = getText().equals(entry.text());
        if (key.isShortcutDown() && key.getCode() == KeyCode.Z && nothingTyped) {
            entry.undo().run();
        } else if (key.getCode() == KeyCode.ESCAPE) {
            setText(entry.text());
            pseudoClassStateChanged(REFUSED, false);
            selectAll();
        } else if (key.getCode() == KeyCode.DOWN) {
            next();
        } else {
            return;
        }
        key.consume();
    }

    private void take() {
        String typed = getText().strip();
        boolean something = !typed.isEmpty() && !typed.equals(entry.text());
        pseudoClassStateChanged(REFUSED, something && !entry.take().test(typed));
    }

    private void next() {
        Parent column = getParent();
        boolean past = false;
        for (Node node : column.getChildrenUnmodifiable()) {
            if (past && node instanceof EntryField) {
                node.requestFocus();
                return;
            }
            past |= node == this;
        }
    }
}
