package io.answerback.desktop.shell;

import io.answerback.desktop.drawing.OwnKeys;
import io.answerback.desktop.work.OpenJob;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/// The keys of a card that shows one thing to do at a time: Enter when it is done, Down for later, Backspace to
/// take the last one back, Escape out of the whole window.
public final class RunKeys {
    private final OpenJob openJob;
    private final Runnable done;
    private final Runnable later;
    private final Runnable fill;

    private RunKeys(OpenJob openJob, Runnable done, Runnable later, Runnable fill) {
        this.openJob = openJob;
        this.done = done;
        this.later = later;
        this.fill = fill;
    }

    /// Gives a card its keys.
    ///
    /// @param done what Enter does
    /// @param later what Down does
    /// @param fill lets the card fill the window, or not any more
    public static void on(OwnKeys card, OpenJob openJob, Runnable done, Runnable later, Runnable fill) {
        card.addEventHandler(KeyEvent.KEY_PRESSED, new RunKeys(openJob, done, later, fill)::press);
    }

    private void press(KeyEvent key) {
        if (key.getCode() == KeyCode.ESCAPE && openJob.wholeWindow().get()) {
            fill.run();
        } else if (key.getCode() == KeyCode.ENTER) {
            done.run();
        } else if (key.getCode() == KeyCode.DOWN) {
            later.run();
        } else if (key.getCode() == KeyCode.BACK_SPACE) {
            openJob.undo();
        } else {
            return;
        }
        key.consume();
    }
}
