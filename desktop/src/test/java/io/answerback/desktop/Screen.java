package io.answerback.desktop;

import java.util.Comparator;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.event.EventType;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;
import javafx.stage.Window;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/// What somebody in front of the window can read, wait for and do.
public final class Screen {
    private Screen() {}

    /// Waits until something has come about.
    public static void until(BooleanSupplier condition) {
        settle();
        if (onFx(condition::getAsBoolean)) {
            return;
        }
        try {
            WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> onFx(condition::getAsBoolean));
        } catch (TimeoutException late) {
            throw new AssertionError("it did not come about in 20 s", late);
        }
        settle();
    }

    /// Computes something on the window's thread and waits for it; what it throws is thrown here. The test
    /// framework's own way notes where each call came from, which took a twentieth of the time of all tests.
    static <T> T onFx(Callable<T> what) {
        FutureTask<T> task = new FutureTask<>(what);
        if (Platform.isFxApplicationThread()) {
            task.run();
        } else {
            Platform.runLater(task);
        }
        try {
            return task.get(20, TimeUnit.SECONDS);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            throw new AssertionError("stopped while it waited for the window", ended);
        } catch (ExecutionException failed) {
            if (failed.getCause() instanceof RuntimeException its) {
                throw its;
            }
            if (failed.getCause() instanceof Error its) {
                throw its;
            }
            throw new AssertionError(failed.getCause());
        } catch (TimeoutException late) {
            throw new AssertionError("the window did not answer in 20 s", late);
        }
    }

    /// Does something on the window's thread and waits until it is done; what it throws is thrown here.
    static void doOnFx(Runnable what) {
        onFx(() -> {
            what.run();
            return true;
        });
    }

    /// Lets everything be done that was put off to the next moment, and what that puts off in turn, until the
    /// window has shown it.
    static void settle() {
        onFx(() -> true);
        CountDownLatch shown = new CountDownLatch(1);
        doOnFx(() -> afterFrame(shown::countDown));
        try {
            shown.await(1, TimeUnit.SECONDS);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
        onFx(() -> true);
    }

    /// Does something when the next frame is laid out, with all that has come from other threads until then, and
    /// waits until it is done.
    static void inNextFrame(Runnable then) {
        FutureTask<Void> task = new FutureTask<>(then, null);
        doOnFx(() -> afterFrame(task));
        try {
            task.get(10, TimeUnit.SECONDS);
        } catch (InterruptedException | ExecutionException | TimeoutException failed) {
            throw new AssertionError("nothing was seen in the next frame", failed);
        }
    }

    /// Does something once after the next frame of the first window that shows.
    private static void afterFrame(Runnable then) {
        Optional<Scene> scene = Window.getWindows().stream()
                .filter(Window::isShowing)
                .map(Window::getScene)
                .findFirst();
        if (scene.isEmpty()) {
            then.run();
            return;
        }
        Runnable[] once = new Runnable[1];
        once[0] = () -> {
            scene.get().removePostLayoutPulseListener(once[0]);
            then.run();
        };
        scene.get().addPostLayoutPulseListener(once[0]);
        Platform.requestNextPulse();
    }

    /// Whether these words can be read anywhere in the window.
    static boolean reads(FxRobot robot, String words) {
        return onFx(() -> texts(robot).anyMatch(text -> text.contains(words)));
    }

    private static Stream<String> texts(FxRobot robot) {
        return robot.lookup((Node node) -> node instanceof Labeled && shown(node)).queryAllAs(Labeled.class).stream()
                .map(Labeled::getText)
                .filter(text -> text != null);
    }

    static boolean shown(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (!at.isVisible()) {
                return false;
            }
        }
        return true;
    }

    /// What a screen reader names so, or begins with so.
    static Node named(FxRobot robot, String name) {
        return onFx(() -> robot.lookup((Node node) -> node.getAccessibleText() != null
                        && node.getAccessibleText().startsWith(name)
                        && shown(node))
                .query());
    }

    /// Types words into what has the keyboard, letter by letter and without a pause between them.
    static void write(FxRobot robot, String words) {
        settle();
        doOnFx(() -> words.chars().forEach(letter -> typeLetter(withKeyboard(), Character.toString(letter))));
        settle();
    }

    /// Presses keys one after the other.
    static void type(KeyCode... keys) {
        for (KeyCode key : keys) {
            press(key, Set.of());
        }
    }

    /// Presses a key together with others that are held down.
    static void press(KeyCode key, Set<KeyCode> held) {
        settle();
        doOnFx(() -> {
            withKeyboard().fireEvent(event(KeyEvent.KEY_PRESSED, key, held));
            withKeyboard().fireEvent(event(KeyEvent.KEY_RELEASED, key, held));
        });
        settle();
    }

    private static KeyEvent event(EventType<KeyEvent> type, KeyCode key, Set<KeyCode> held) {
        return new KeyEvent(
                type,
                KeyEvent.CHAR_UNDEFINED,
                "",
                key,
                held.contains(KeyCode.SHIFT),
                held.contains(KeyCode.CONTROL),
                held.contains(KeyCode.ALT),
                false);
    }

    /// Presses Tab on a node, at once.
    static void tab(Node node) {
        node.fireEvent(event(KeyEvent.KEY_PRESSED, KeyCode.TAB, Set.of()));
        node.fireEvent(event(KeyEvent.KEY_RELEASED, KeyCode.TAB, Set.of()));
    }

    /// What has the keyboard in the window that has it; in the only window there is where none says so.
    private static Node withKeyboard() {
        return Window.getWindows().stream()
                .filter(window -> window.isShowing() && window.getScene().getFocusOwner() != null)
                .max(Comparator.comparing(Window::isFocused))
                .orElseThrow()
                .getScene()
                .getFocusOwner();
    }

    private static void typeLetter(Node focused, String letter) {
        focused.fireEvent(new KeyEvent(KeyEvent.KEY_TYPED, letter, "", KeyCode.UNDEFINED, false, false, false, false));
    }

    /// Clicks a value on the drawing, types another and presses Enter.
    static void edit(FxRobot robot, String value, String typed) {
        click(robot, value);
        control(robot, KeyCode.A);
        write(robot, typed);
        type(KeyCode.ENTER);
    }

    /// Clicks what a screen reader names so; the keyboard brings it into sight first.
    static void click(FxRobot robot, String name) {
        settle();
        doOnFx(() -> {
            Node node = named(robot, name);
            node.requestFocus();
        });
        settle();
        point(named(robot, name));
    }

    /// Clicks what these words stand on.
    static void clickOn(FxRobot robot, String words) {
        settle();
        point(robot.lookup((Node node) -> node instanceof Labeled label && words.equals(label.getText()) && shown(node))
                .query());
    }

    /// Puts the pointer into the middle of something and clicks there.
    static void point(Node node) {
        doOnFx(() -> {
            Bounds bounds = node.localToScreen(node.getBoundsInLocal());
            Robot pointer = new Robot();
            pointer.mouseMove(bounds.getCenterX(), bounds.getCenterY());
            pointer.mousePress(MouseButton.PRIMARY);
            pointer.mouseRelease(MouseButton.PRIMARY);
        });
        settle();
    }

    /// Opens a choice and takes one of what it offers.
    static void choose(FxRobot robot, String choice, String option) {
        click(robot, choice);
        point(robot.lookup(".menu-item .label").<Node>queryAll().stream()
                .filter(node -> node instanceof Labeled label && option.equals(label.getText()))
                .findFirst()
                .orElseThrow(() -> new AssertionError(choice + " does not offer " + option)));
    }

    /// Presses a key together with Ctrl.
    static void control(FxRobot robot, KeyCode key) {
        press(key, Set.of(KeyCode.CONTROL));
    }
}
