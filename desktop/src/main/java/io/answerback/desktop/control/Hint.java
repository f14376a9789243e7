package io.answerback.desktop.control;

import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;

/// Words on hover. A tooltip is a window of its own, dear to make, so it is made when the pointer first comes.
public final class Hint {
    private Hint() {}

    /// Gives a node words on hover, in place of any it had.
    ///
    /// @param words what is said; empty for nothing
    public static void on(Node node, String words) {
        Object before = node.getProperties().put(Hint.class, words);
        if (before == null) {
            node.addEventHandler(MouseEvent.MOUSE_ENTERED, entered -> say(node));
        } else if (node.getProperties().get(Tooltip.class) instanceof Tooltip tooltip && !words.isEmpty()) {
            tooltip.setText(words);
        }
    }

    private static void say(Node node) {
        String words = (String) node.getProperties().get(Hint.class);
        boolean there = node.getProperties().get(Tooltip.class) instanceof Tooltip;
        if (words.isEmpty() && there) {
            Tooltip.uninstall(node, (Tooltip) node.getProperties().remove(Tooltip.class));
        } else if (!words.isEmpty() && !there) {
            Tooltip tooltip = new Tooltip(words);
            node.getProperties().put(Tooltip.class, tooltip);
            Tooltip.install(node, tooltip);
        }
    }
}
