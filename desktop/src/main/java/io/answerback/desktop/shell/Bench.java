package io.answerback.desktop.shell;

import io.answerback.desktop.work.WindowState;
import javafx.scene.Node;

/// The workbench of one stop: what stands in the middle, and the instrument on the side sheet.
public interface Bench {
    /// What stands in the middle.
    Node sheet();

    /// What stands at the head of the side sheet.
    Node instrument();

    /// Shows another state. Called on the JavaFX thread whenever the state changes while the bench is open.
    void show(WindowState state);

    /// Opens the sheet after the one that lies on top, or the one before it; nothing where there is only one.
    ///
    /// @param steps 1 for the next, -1 for the one before
    default void turn(int steps) {}

    /// Whether it may have the whole window to itself, to be read from a distance.
    default boolean mayFillWindow() {
        return false;
    }

    /// Shows what passes between panel and station while the state stays as it is. Nothing that the user may be
    /// clicking or typing into may be made anew here.
    default void showPassing() {}
}
