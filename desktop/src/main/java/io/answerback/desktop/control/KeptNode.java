package io.answerback.desktop.control;

import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.With;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;

/// A part where it stands in the window: the node it is drawn with, and what it was when it was last drawn.
final class KeptNode {
    private final PartNodes partNodes;
    private final Node node;
    private Part part;

    KeptNode(PartNodes partNodes, Part part) {
        this.partNodes = partNodes;
        this.node = partNodes.make(bare(part));
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

    /// Shows another part of the same sort. What belonged to the place of the part before is taken off first.
    void show(Part other) {
        if (other.equals(part)) {
            return;
        }
        undress(With.of(other));
        partNodes.fit(node, bare(other));
        dress(With.of(other));
        FocusKeeper.mark(node, other);
        part = other;
    }

    private void undress(With next) {
        if (part instanceof With before) {
            if (!before.styles().equals(next.styles())) {
                node.getStyleClass().removeAll(before.styles());
            }
            if (!before.hint().isEmpty()) {
                Hint.on(node, "");
            }
            if (!before.says().isEmpty()) {
                node.setAccessibleText(null);
            }
            if (before.click().isPresent()) {
                node.setOnMouseClicked(null);
            }
        }
    }

    private void dress(With with) {
        with.styles().stream()
                .filter(style -> !node.getStyleClass().contains(style))
                .forEach(node.getStyleClass()::add);
        if (!with.hint().isEmpty()) {
            Hint.on(node, with.hint());
        }
        if (!with.says().isEmpty()) {
            node.setAccessibleText(with.says());
        }
        with.click().ifPresent(action -> node.setOnMouseClicked(click -> action.run()));
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
