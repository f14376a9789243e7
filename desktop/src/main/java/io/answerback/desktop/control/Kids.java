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
public final class Kids {
    private final Fitting fitting;
    private List<Placement> placed = List.of();

    Kids(Fitting fitting) {
        this.fitting = fitting;
    }

    /// Gives each part its node.
    ///
    /// @return the nodes in the order of the parts
    List<Node> show(List<? extends Part> parts) {
        Map<String, Deque<Placement>> before = new HashMap<>();
        placed.forEach(its -> before.computeIfAbsent(PartKeys.of(its.part()), key -> new ArrayDeque<>())
                .add(its));
        List<Placement> now = new ArrayList<>(parts.size());
        for (Part part : parts) {
            Deque<Placement> same = before.get(PartKeys.of(part));
            if (same == null || same.isEmpty()) {
                now.add(new Placement(fitting, part));
            } else {
                Placement its = same.poll();
                its.show(part);
                now.add(its);
            }
        }
        placed = now;
        return now.stream().map(Placement::node).toList();
    }

    List<Placement> placed() {
        return placed;
    }
}
