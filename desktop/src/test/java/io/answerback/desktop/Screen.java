package io.answerback.desktop;

import java.util.Comparator;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Window;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/// What somebody in front of the window can read, wait for and do.
public final class Screen {
    private Screen() {}

    /// Waits until something has come about.
    public static void until(BooleanSupplier condition) {
        try {
            WaitForAsyncUtils.waitFor(
                    20, TimeUnit.SECONDS, () -> WaitForAsyncUtils.waitForAsyncFx(5_000, condition::getAsBoolean));
        } catch (TimeoutException late) {
            throw new AssertionError("it did not come about in 20 s", late);
        }
        WaitForAsyncUtils.waitForFxEvents();
    }

    /// Whether these words can be read anywhere in the window.
    static boolean reads(FxRobot robot, String words) {
        return texts(robot).anyMatch(text -> text.contains(words));
    }

    private static Stream<String> texts(FxRobot robot) {
        return robot.lookup((Node node) -> node instanceof Labeled && shown(node)).queryAllAs(Labeled.class).stream()
                .map(Labeled::getText)
                .filter(text -> text != null);
    }

    private static boolean shown(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (!at.isVisible()) {
                return false;
            }
        }
        return true;
    }

    /// What a screen reader names so, or begins with so.
    static Node named(FxRobot robot, String name) {
        return robot.lookup((Node node) -> node.getAccessibleText() != null
                        && node.getAccessibleText().startsWith(name)
                        && shown(node))
                .query();
    }

    /// Types words into what has the keyboard, letter by letter and without a pause between them.
    static FxRobot write(FxRobot robot, String words) {
        WaitForAsyncUtils.waitForFxEvents();
        words.chars()
                .forEach(letter -> WaitForAsyncUtils.waitForAsyncFx(
                        5_000, () -> typeLetter(withKeyboard(), Character.toString(letter))));
        WaitForAsyncUtils.waitForFxEvents();
        return robot;
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
        WaitForAsyncUtils.waitForFxEvents();
        click(robot, value);
        control(robot, KeyCode.A);
        write(robot, typed).type(KeyCode.ENTER);
    }

    /// Clicks what a screen reader names so; the keyboard brings it into sight first.
    static void click(FxRobot robot, String name) {
        WaitForAsyncUtils.waitForAsyncFx(5_000, () -> named(robot, name).requestFocus());
        WaitForAsyncUtils.waitForFxEvents();
        robot.clickOn(named(robot, name));
    }

    /// Opens a choice and takes one of what it offers.
    static void choose(FxRobot robot, String choice, String option) {
        click(robot, choice);
        WaitForAsyncUtils.waitForFxEvents();
        Node offered = robot.lookup(".menu-item .label").<Node>queryAll().stream()
                .filter(node -> node instanceof Labeled label && option.equals(label.getText()))
                .findFirst()
                .orElseThrow(() -> new AssertionError(choice + " does not offer " + option));
        robot.clickOn(offered);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /// Presses a key together with Ctrl.
    static void control(FxRobot robot, KeyCode key) {
        robot.press(KeyCode.CONTROL).type(key).release(KeyCode.CONTROL);
    }
}
