package io.answerback.desktop.drawing;

import javafx.scene.Node;
import javafx.scene.control.Tooltip;

/// Words on hover. A tooltip is a window of its own, dear to make, so it is made when the pointer first comes.
public final class Hint {
    private Hint() {}

    /// Gives a node words on hover, in place of any it had.
    public static void on(Node node, String words) {
        node.setOnMouseEntered(first -> {
            Tooltip.install(node, new Tooltip(words));
            node.setOnMouseEntered(null);
        });
    }
}
