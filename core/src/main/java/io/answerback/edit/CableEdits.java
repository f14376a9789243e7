package io.answerback.edit;

import io.answerback.cores.CoreNeeds;
import io.answerback.job.Cable;
import io.answerback.job.CableType;
import io.answerback.job.Job;
import io.answerback.job.LandedCore;
import io.answerback.job.Laying;
import io.answerback.job.Point;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/// Edits to how cables are laid.
public final class CableEdits {
    private CableEdits() {}

    /// Another change to how a cable is laid.
    ///
    /// @param what what changes, as the undo menu says it, such as "label"
    public static Edit laying(String what, String cableId, UnaryOperator<Laying> change) {
        return laying(what + " of " + cableId, List.of(cableId), change);
    }

    /// The same change to several cables, in one step.
    ///
    /// @param name what the undo menu says
    public static Edit laying(String name, Collection<String> cableIds, UnaryOperator<Laying> change) {
        return new Edit(
                name,
                job -> job.withCables(job.cables().stream()
                        .map(cable ->
                                cableIds.contains(cable.id()) ? cable.withLaying(change.apply(cable.laying())) : cable)
                        .toList()));
    }

    /// Notes that a core was put where it belongs. With its last core a cable is terminated.
    ///
    /// @param last whether no other core of the cable has still to be put in place
    public static Edit landed(String cableId, LandedCore core, boolean last) {
        return laying("%s core".formatted(core.colour()), cableId, laying -> {
            Laying with = laying.withLanded(core);
            boolean before = with.progress().compareTo(Laying.Progress.TERMINATED) < 0;
            return last && before ? with.withProgress(Laying.Progress.TERMINATED) : with;
        });
    }

    /// Gives every cable without a type the one with the fewest cores that its device needs, for outdoors where it
    /// runs there. A cable for which there is none stays undecided.
    ///
    /// @param types the types there are to choose from
    public static Edit chooseTypes(List<CableType> types) {
        return new Edit(
                "types of cables",
                job -> job.withCables(job.cables().stream()
                        .map(cable -> cable.laying().type().isPresent()
                                ? cable
                                : smallest(job, cable, types)
                                        .map(type ->
                                                cable.withLaying(cable.laying().withType(type)))
                                        .orElse(cable))
                        .toList()));
    }

    private static Optional<CableType> smallest(Job job, Cable cable, List<CableType> types) {
        Optional<Point> point = job.point(cable.pointId()).map(job::onLoop);
        int needed = point.map(its -> CoreNeeds.of(its, job.practice()).size()).orElse(2);
        return types.stream()
                .filter(type -> type.colours().size() >= needed && !type.screened())
                .filter(type -> type.outdoor() == cable.laying().outdoors())
                .min(Comparator.comparing(type -> type.colours().size()));
    }
}
