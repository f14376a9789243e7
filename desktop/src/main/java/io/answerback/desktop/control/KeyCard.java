package io.answerback.desktop.control;

import io.answerback.desktop.part.Card;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.VBox;

/// One thing to do in large letters. While it has the keyboard it takes the plain keys for itself: Enter when the
/// thing is done, Down for later, Backspace to take the last one back, Escape out of the whole window.
public final class KeyCard extends VBox {
    private static final PseudoClass WHOLE = PseudoClass.getPseudoClass("whole");

    private Card card;

    /// An empty card.
    public KeyCard() {
        getStyleClass().add("run-card");
        setFocusTraversable(true);
        addEventHandler(MouseEvent.MOUSE_CLICKED, click -> requestFocus());
        addEventHandler(KeyEvent.KEY_PRESSED, this::press);
    }

    void show(Card other) {
        boolean called = card != null && card.called() != other.called();
        card = other;
        pseudoClassStateChanged(WHOLE, other.whole());
        setAccessibleText(other.says());
        if (called) {
            requestFocus();
        }
    }

    private void press(KeyEvent key) {
        Optional<Runnable> action = action(key.getCode());
        if (action.isPresent()) {
            action.get().run();
            key.consume();
        }
    }

    private Optional<Runnable> action(KeyCode key) {
        return switch (key) {
            case ENTER -> Optional.of(card.keys().done());
            case DOWN -> card.keys().later();
            case BACK_SPACE -> Optional.of(card.keys().takeBack());
            case ESCAPE -> card.keys().leave().filter(its -> card.whole());
            default -> Optional.empty();
        };
    }
}
