package io.answerback.core.engine.edit;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/// The cables that are left when what they serve is gone.
public final class CablesLeft {
    private CablesLeft() {}

    /// The cables that are left when some points are gone: one that served no others goes with them.
    public static List<Cable> withoutPoints(List<Cable> cables, Collection<PointId> pointIds) {
        return cables.stream()
                .flatMap(cable -> without(cable, pointIds).stream())
                .toList();
    }

    private static Optional<Cable> without(Cable cable, Collection<PointId> pointIds) {
        CableEnds ends = cable.ends();
        if (ends.points().stream().noneMatch(pointIds::contains)) {
            return Optional.of(cable);
        }
        List<PointId> left =
                ends.points().stream().filter(id -> !pointIds.contains(id)).toList();
        return left.isEmpty() ? Optional.empty() : Optional.of(cable.withEnds(ends.withPoints(left)));
    }

    /// The cables that are left when a module is gone: those that went to it go too, and those that began at it
    /// begin where they would without it.
    public static List<Cable> withoutModule(List<Cable> cables, ModuleId module) {
        return cables.stream()
                .filter(cable -> cable.ends().module().filter(module::equals).isEmpty())
                .map(cable -> cable.ends().from().filter(module::equals).isPresent()
                        ? cable.withEnds(cable.ends().startingAt(Optional.empty()))
                        : cable)
                .toList();
    }
}
