package io.answerback.desktop.shell;

import io.answerback.desktop.desk.DeskState;
import javafx.scene.Node;

/// The workbench of one stop: what stands in the middle, and the instrument on the side sheet.
public interface Bench {
    /// What stands in the middle.
    Node sheet();

    /// What stands at the head of the side sheet.
    Node instrument();

    /// Shows another state. Called on the JavaFX thread whenever anything changes while the bench is open.
    void show(DeskState state);
}
