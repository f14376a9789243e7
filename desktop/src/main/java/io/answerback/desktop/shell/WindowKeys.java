package io.answerback.desktop.shell;

import io.answerback.desktop.control.KeyCard;
import io.answerback.desktop.work.OpenJob;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/// The keys that do something wherever the keyboard is in a window, unless somebody types there.
final class WindowKeys {
    private final Scene scene;
    private final OpenJob openJob;
    private final FrontSheets fronts;
    private final Palette palette;
    private final PointList points;
    private final NoticeLine notice;
    private boolean spaceHeld;

    WindowKeys(Scene scene, OpenJob openJob, FrontSheets fronts, Palette palette, PointList points, NoticeLine notice) {
        this.scene = scene;
        this.openJob = openJob;
        this.fronts = fronts;
        this.palette = palette;
        this.points = points;
        this.notice = notice;
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
        scene.addEventFilter(KeyEvent.KEY_RELEASED, key -> spaceHeld &= key.getCode() != KeyCode.SPACE);
    }

    /// Lists and buttons take some of the window's keys for themselves, so that the window takes them first;
    /// fields do so with right, except for those that turn to another sheet.
    private boolean taken(Commands commands, KeyEvent key, boolean typing) {
        Stream<Command> first =
                typing ? Stream.of(commands.nextSheet(), commands.previousSheet()) : commands.all().stream();
        Optional<Command> its = fronts.visible() || palette.isVisible()
                ? Optional.empty()
                : first.filter(command -> command.by(key)).findFirst();
        its.ifPresent(command -> {
            command.action().run();
            key.consume();
        });
        return its.isPresent();
    }

    private void pressed(Commands commands, KeyEvent key) {
        Node focused = scene.getFocusOwner();
        boolean typing = focused instanceof TextInputControl || focused instanceof KeyCard;
        if (taken(commands, key, typing)) {
            return;
        }
        if (palette.isVisible() || typing || key.isShortcutDown() || key.isAltDown()) {
            return;
        }
        if (key.getCode() == KeyCode.ESCAPE && notice.dismiss(key) || fronts.visible()) {
            return;
        }
        if (key.getCode() == KeyCode.ESCAPE && openJob.wholeWindow().get()) {
            openJob.wholeWindow().set(false);
            key.consume();
        } else if (key.getCode() == KeyCode.SPACE && points.listHasKeyboard()) {
            space(commands);
            key.consume();
        } else if (key.getCode() == KeyCode.UP || key.getCode() == KeyCode.DOWN) {
            walk(key.getCode() == KeyCode.UP ? -1 : 1, key.isShiftDown());
            key.consume();
        }
    }

    /// Tries the point once for each time that the key goes down: a key that is held repeats, and a door does not.
    private void space(Commands commands) {
        if (!spaceHeld) {
            spaceHeld = true;
            commands.trySelected().action().run();
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
        command.also().forEach(key -> scene.getAccelerators().put(key, action));
    }

    /// While the start sheet lies on top, the job under it is out of reach.
    private Runnable onJob(Runnable action) {
        return () -> {
            if (!fronts.visible()) {
                action.run();
            }
        };
    }
}
