package io.answerback.core.model.cable;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.EndId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/// Between what a cable runs. Its far end comes to one device or several on one cable, or to a module, or
/// to a joint box from which other cables go on. A joint box is known by the cables that name it.
///
/// @param from the module or joint box its near end comes to; empty for the box of its points' inputs, or for
///     the panel where it goes to a module
/// @param points the points whose devices its far end comes to
/// @param module the module its far end comes to; empty for none
/// @param joint the joint box its far end comes to; empty for none
@RecordBuilder
public record CableEnds(Optional<BoxId> from, List<PointId> points, Optional<ModuleId> module, Optional<JointId> joint)
        implements CableEndsBuilder.With {
    /// @throws IllegalArgumentException when the far end comes to nothing or to more than one of the three, or to
    ///     where the near end is
    public CableEnds {
        from = from == null ? Optional.empty() : from;
        points = List.copyOf(points == null ? List.of() : points);
        module = module == null ? Optional.empty() : module;
        joint = joint == null ? Optional.empty() : joint;
        int ends = (points.isEmpty() ? 0 : 1) + (module.isEmpty() ? 0 : 1) + (joint.isEmpty() ? 0 : 1);
        if (ends != 1) {
            throw new IllegalArgumentException(
                    "a cable goes to points, to a module or to a joint box; give it one of the three");
        }
        if (points.stream().distinct().count() < points.size()) {
            throw new IllegalArgumentException("a cable names a point twice; keep one");
        }
        if (from.isPresent() && (from.equals(module) || from.equals(joint))) {
            throw new IllegalArgumentException(Text.of("a cable cannot run from %s to itself", from.get()));
        }
    }

    /// To the devices of some points, from the box of their inputs.
    public static CableEnds toPoints(List<PointId> points) {
        return new CableEnds(Optional.empty(), points, Optional.empty(), Optional.empty());
    }

    /// To a module, from the panel.
    public static CableEnds toModule(ModuleId module) {
        return new CableEnds(Optional.empty(), List.of(), Optional.of(module), Optional.empty());
    }

    /// To a joint box, from the box of the inputs behind it.
    public static CableEnds toJoint(JointId joint) {
        return new CableEnds(Optional.empty(), List.of(), Optional.empty(), Optional.of(joint));
    }

    /// The same far end, the near end at a module or joint box; empty for the usual one.
    public CableEnds startingAt(Optional<BoxId> other) {
        return new CableEnds(other, points, module, joint);
    }

    /// The same with every point's id changed.
    public CableEnds withPointIds(UnaryOperator<PointId> change) {
        return points.isEmpty() ? this : withPoints(points.stream().map(change).toList());
    }

    /// Whether its far end comes to the device of a point.
    public boolean serves(PointId pointId) {
        return points.contains(pointId);
    }

    /// What its far end comes to: the first point, the module or the joint box.
    public EndId farEnd() {
        if (!points.isEmpty()) {
            return points.getFirst();
        }
        return module.<EndId>map(id -> id).orElseGet(joint::orElseThrow);
    }

    /// The box its far end comes to; empty where that is devices.
    public Optional<BoxId> farBox() {
        return module.<BoxId>map(id -> id).or(() -> joint);
    }
}
