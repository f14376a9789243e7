package io.answerback.desktop.control;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;

/// Scrolls so that a part can be seen, as far as that takes and no further.
public final class IntoView {
    private IntoView() {}

    /// Scrolls every pane around a node until the node is in sight.
    public static void scroll(Node node) {
        for (Node at = node.getParent(); at != null; at = at.getParent()) {
            if (at instanceof ScrollPane pane && pane.getContent() != null) {
                scroll(pane, node);
            }
        }
    }

    private static void scroll(ScrollPane pane, Node node) {
        Bounds there = pane.getContent().sceneToLocal(node.localToScene(node.getBoundsInLocal()));
        double sight = pane.getViewportBounds().getHeight();
        double beyond = pane.getContent().getLayoutBounds().getHeight() - sight;
        if (beyond <= 0) {
            return;
        }
        double top = pane.getVvalue() * beyond;
        if (there.getMinY() < top) {
            pane.setVvalue(there.getMinY() / beyond);
        } else if (there.getMaxY() > top + sight) {
            pane.setVvalue(Math.min(1, (there.getMaxY() - sight) / beyond));
        }
    }
}
