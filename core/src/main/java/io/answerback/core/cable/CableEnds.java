package io.answerback.core.cable;

import io.answerback.core.common.Text;
import java.util.List;
import java.util.function.UnaryOperator;

/// Between what a cable runs. Its far end comes to one device or several on one cable, or to a module, or
/// to a joint box from which other cables go on. A joint box is known by the cables that name it.
///
/// @param from the module or joint box its near end comes to; empty for the box of its points' inputs, or for
///     the panel where it goes to a module
/// @param points the points whose devices its far end comes to
/// @param module the module its far end comes to; empty for none
/// @param joint the joint box its far end comes to; empty for none
public record CableEnds(String from, List<String> points, String module, String joint) {
    /// @throws IllegalArgumentException when the far end comes to nothing or to more than one of the three, or to
    ///     where the near end is
    public CableEnds {
        from = from == null ? "" : from.strip();
        points = List.copyOf(points == null ? List.of() : points);
        module = module == null ? "" : module.strip();
        joint = joint == null ? "" : joint.strip();
        int ends = (points.isEmpty() ? 0 : 1) + (module.isEmpty() ? 0 : 1) + (joint.isEmpty() ? 0 : 1);
        if (ends != 1) {
            throw new IllegalArgumentException(
                    "a cable goes to points, to a module or to a joint box; give it one of the three");
        }
        if (points.stream().distinct().count() < points.size()) {
            throw new IllegalArgumentException("a cable names a point twice; keep one");
        }
        if (!from.isEmpty() && (from.equals(module) || from.equals(joint))) {
            throw new IllegalArgumentException(Text.of("a cable cannot run from %s to itself", from));
        }
    }

    /// To the devices of some points, from the box of their inputs.
    public static CableEnds toPoints(List<String> points) {
        return new CableEnds("", points, "", "");
    }

    /// To a module, from the panel.
    public static CableEnds toModule(String module) {
        return new CableEnds("", List.of(), module, "");
    }

    /// To a joint box, from the box of the inputs behind it.
    public static CableEnds toJoint(String joint) {
        return new CableEnds("", List.of(), "", joint);
    }

    /// The same far end, the near end at a module or joint box; empty for the usual one.
    public CableEnds startingAt(String other) {
        return new CableEnds(other, points, module, joint);
    }

    /// The same with every point's id changed.
    public CableEnds withPointIds(UnaryOperator<String> change) {
        return points.isEmpty()
                ? this
                : new CableEnds(from, points.stream().map(change).toList(), module, joint);
    }

    /// Whether its far end comes to the device of a point.
    public boolean serves(String pointId) {
        return points.contains(pointId);
    }

    /// What its far end comes to, as a name that no other far end has: the first point, the module or the joint
    /// box.
    public String farEnd() {
        if (!points.isEmpty()) {
            return "point " + points.getFirst();
        }
        return module.isEmpty() ? farEndAtJoint(joint) : "module " + module;
    }

    /// The name of the far end of a cable that brings something to a joint box.
    public static String farEndAtJoint(String joint) {
        return "joint box " + joint;
    }
}
