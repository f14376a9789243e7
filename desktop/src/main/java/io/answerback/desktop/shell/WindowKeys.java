package io.answerback.desktop.shell;

import io.answerback.desktop.control.ChoiceField;
import io.answerback.desktop.control.KeyCard;
import io.answerback.desktop.control.PressRow;
import io.answerback.desktop.work.OpenJob;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/// The keys that do something wherever the keyboard is in a window, unless somebody types there.
final class WindowKeys {
    private final Scene scene;
    private final OpenJob openJob;
    private final FrontSheets fronts;
    private final Palette palette;

    WindowKeys(Scene scene, OpenJob openJob, FrontSheets fronts, Palette palette) {
        this.scene = scene;
        this.openJob = openJob;
        this.fronts = fronts;
        this.palette = palette;
    }

    /// Takes the keys of a window.
    ///
    /// @param find opens the palette
    /// @param filter puts the cursor where points are filtered
    void install(Commands commands, Runnable find, Runnable filter) {
        commands.anywhere().forEach(command -> key(command, command.action()));
        commands.onJob().forEach(command -> key(command, onJob(command.action())));
        key(Command.of("Find", "Shortcut+K", find), onJob(find));
        key(Command.of("Filter", "Shortcut+F", filter), onJob(filter));
        scene.addEventFilter(KeyEvent.KEY_PRESSED, key -> pressed(commands, key));
    }

    private void pressed(Commands commands, KeyEvent key) {
        Node focused = scene.getFocusOwner();
        boolean typing = focused instanceof TextInputControl || focused instanceof KeyCard;
        if (fronts.visible() || palette.isVisible() || typing || key.isShortcutDown() || key.isAltDown()) {
            return;
        }
        if (key.getCode() == KeyCode.ESCAPE && openJob.wholeWindow().get()) {
            openJob.wholeWindow().set(false);
            key.consume();
        } else if (key.getCode() == KeyCode.SPACE && !onButton()) {
            commands.trySelected().action().run();
            key.consume();
        } else if (key.getCode() == KeyCode.UP || key.getCode() == KeyCode.DOWN) {
            walk(key.getCode() == KeyCode.UP ? -1 : 1, key.isShiftDown());
            key.consume();
        }
    }

    private void walk(int steps, boolean picking) {
        if (picking) {
            openJob.pickNext(steps);
        } else {
            openJob.selectNext(steps);
        }
    }

    private void key(Command command, Runnable action) {
        command.key().ifPresent(key -> scene.getAccelerators().put(key, action));
    }

    /// While the start sheet lies on top, the job under it is out of reach.
    private Runnable onJob(Runnable action) {
        return () -> {
            if (!fronts.visible()) {
                action.run();
            }
        };
    }

    /// A value and a choice are opened with Enter, so that Space tries the point also just after they were
    /// changed.
    private static boolean opensWithEnter(Node focused) {
        return focused instanceof ChoiceField || focused.getStyleClass().contains("value-shown");
    }

    private boolean onButton() {
        Node focused = scene.getFocusOwner();
        return focused instanceof ButtonBase && !opensWithEnter(focused) || focused instanceof PressRow;
    }
}
