package io.answerback.desktop.shell;

import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.drawing.OwnKeys;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/// The keys of a card that shows one thing to do at a time: Enter when it is done, Down for later, Backspace to
/// take the last one back, Escape out of the whole window.
public final class RunKeys {
    private final Desk desk;
    private final Runnable done;
    private final Runnable later;
    private final Runnable fill;

    private RunKeys(Desk desk, Runnable done, Runnable later, Runnable fill) {
        this.desk = desk;
        this.done = done;
        this.later = later;
        this.fill = fill;
    }

    /// Gives a card its keys.
    ///
    /// @param done what Enter does
    /// @param later what Down does
    /// @param fill lets the card fill the window, or not any more
    public static void on(OwnKeys card, Desk desk, Runnable done, Runnable later, Runnable fill) {
        card.addEventHandler(KeyEvent.KEY_PRESSED, new RunKeys(desk, done, later, fill)::press);
    }

    private void press(KeyEvent key) {
        if (key.getCode() == KeyCode.ESCAPE && desk.wholeWindow().get()) {
            fill.run();
        } else if (key.getCode() == KeyCode.ENTER) {
            done.run();
        } else if (key.getCode() == KeyCode.DOWN) {
            later.run();
        } else if (key.getCode() == KeyCode.BACK_SPACE) {
            desk.undo();
        } else {
            return;
        }
        key.consume();
    }
}
