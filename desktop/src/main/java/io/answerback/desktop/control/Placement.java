package io.answerback.desktop.control;

import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.With;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;

/// A part where it stands in the window: the node it is drawn with, and what it was when it was last drawn.
final class Placement {
    private final Fitting fitting;
    private final Node node;
    private Part part;
    private List<String> extra = List.of();
    private boolean clicked;

    Placement(Fitting fitting, Part part) {
        this.fitting = fitting;
        this.node = fitting.make(bare(part));
        show(part);
    }

    static Part bare(Part part) {
        return part instanceof With with ? with.part() : part;
    }

    Node node() {
        return node;
    }

    Part part() {
        return part;
    }

    /// Shows another part of the same sort.
    void show(Part other) {
        if (other.equals(part)) {
            return;
        }
        fitting.fit(node, bare(other));
        if (other instanceof With with) {
            dress(with);
        }
        part = other;
    }

    private void dress(With with) {
        if (!with.styles().equals(extra)) {
            node.getStyleClass().removeAll(extra);
            node.getStyleClass().addAll(with.styles());
            extra = with.styles();
        }
        if (!with.hint().isEmpty()) {
            Hint.on(node, with.hint());
        }
        if (!with.says().isEmpty()) {
            node.setAccessibleText(with.says());
        }
        if (with.click().isPresent() || clicked) {
            clicked = with.click().isPresent();
            node.setOnMouseClicked(clicked ? click -> with.click().orElseThrow().run() : null);
        }
    }

    /// Puts nodes into a list so that those which stay are neither taken out nor moved.
    static void put(List<Node> wanted, List<Node> children) {
        if (children.equals(wanted)) {
            return;
        }
        Set<Node> staying = Collections.newSetFromMap(new IdentityHashMap<>());
        staying.addAll(wanted);
        List<Node> leaving =
                children.stream().filter(node -> !staying.contains(node)).toList();
        children.removeAll(leaving);
        for (int i = 0; i < wanted.size(); i++) {
            Node node = wanted.get(i);
            if (i < children.size() && children.get(i) == node) {
                continue;
            }
            children.remove(node);
            children.add(i, node);
        }
    }
}
