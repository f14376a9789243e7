package io.answerback.desktop.control;

import io.answerback.desktop.part.Line;
import java.util.Optional;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/// A line into which something is typed. What is half typed stays whatever else changes.
final class LineField extends TextField {
    private Line line;

    LineField() {
        getStyleClass().add("entry-line");
        textProperty()
                .subscribe(text -> Optional.ofNullable(line)
                        .ifPresent(its -> its.keys().typed().accept(text)));
        setOnAction(enter -> {
            if (line.keys().take().test(getText())) {
                clear();
            }
        });
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    void show(Line other) {
        Optional<Line.Put> before = Optional.ofNullable(line).map(Line::put);
        line = other;
        setPromptText(other.prompt());
        setAccessibleText(other.name());
        if (before.isEmpty() || before.get().times() != other.put().times()) {
            setText(other.put().text());
            end();
        }
        if (before.isPresent() && before.get().called() != other.put().called()) {
            requestFocus();
        }
    }

    /// Cells of a spreadsheet come as lines of words between tabs: they are a table and not one long word.
    @Override
    public void paste() {
        String text = Clipboard.getSystemClipboard().getString();
        boolean table = text != null && text.strip().contains("\n") && (text.contains("\t") || text.contains(","));
        if (!table || !line.keys().table().test(text)) {
            super.paste();
        }
    }

    private void key(KeyEvent key) {
        if (getText().isEmpty() && key.isShortcutDown()) {
            jobKey(key);
        } else if (key.getCode() == KeyCode.TAB && !key.isShiftDown()) {
            line.keys().completion().apply(getText()).ifPresent(completed -> {
                setText(completed);
                end();
                key.consume();
            });
        } else if (key.getCode() == KeyCode.ESCAPE) {
            clear();
            key.consume();
        }
    }

    /// In an empty line there is nothing of its own to undo: the keys mean the job.
    private void jobKey(KeyEvent key) {
        if (key.getCode() == KeyCode.Z) {
            line.keys().undo().run();
            key.consume();
        } else if (key.getCode() == KeyCode.Y) {
            line.keys().redo().run();
            key.consume();
        }
    }
}
