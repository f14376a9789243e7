package io.answerback.desktop.control;

import io.answerback.desktop.part.Part;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.Node;

/// The parts that stand in one place of the window. When others are shown there, each goes to the node that
/// drew the same part before: a node is made only for a part that is new, so that the keyboard, a scroll and
/// what is half typed stay where they are.
public final class KeptNodes {
    private final PartNodes partNodes;
    private List<KeptNode> placed = List.of();

    KeptNodes(PartNodes partNodes) {
        this.partNodes = partNodes;
    }

    /// Gives each part its node.
    ///
    /// @return the nodes in the order of the parts
    List<Node> show(List<? extends Part> parts) {
        Map<String, Deque<KeptNode>> before = new HashMap<>();
        placed.forEach(its -> before.computeIfAbsent(PartKeys.of(its.part()), key -> new ArrayDeque<>())
                .add(its));
        List<KeptNode> now = new ArrayList<>(parts.size());
        for (Part part : parts) {
            Deque<KeptNode> same = before.get(PartKeys.of(part));
            if (same == null || same.isEmpty()) {
                now.add(new KeptNode(partNodes, part));
            } else {
                KeptNode its = same.poll();
                its.show(part);
                now.add(its);
            }
        }
        placed = now;
        return now.stream().map(KeptNode::node).toList();
    }

    List<KeptNode> placed() {
        return placed;
    }
}
