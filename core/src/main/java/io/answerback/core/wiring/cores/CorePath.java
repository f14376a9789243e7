package io.answerback.core.wiring.cores;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.id.EndId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// The whole way of a core through its joints: from a terminal or a device on one side to one on the other.
///
/// @param stops where it is held, one more than there are cores
/// @param cores the cores between the stops
public record CorePath(List<Stop> stops, List<CoreEnd> cores) {
    /// Where cores are held.
    ///
    /// @param place where that is
    /// @param title what the place is called
    /// @param where the terminal or joint there
    public record Stop(EndId place, String title, String where) {}

    /// One end of one core, and what is there.
    private record Held(CoreEnd core, CableEnd end, BoxPlan box, CoreTermination termination) {
        Stop stop() {
            return new Stop(box.place(), box.title(), TerminationWords.of(termination, box.strip()));
        }
    }

    public CorePath {
        stops = List.copyOf(stops);
        cores = List.copyOf(cores);
    }

    static Optional<CorePath> of(CorePlan plan, CoreEnd core) {
        Walk walk = new Walk(plan);
        Optional<Held> near = walk.held(core, CableEnd.NEAR);
        Optional<Held> far = walk.held(core, CableEnd.FAR);
        if (near.isEmpty() || far.isEmpty()) {
            return Optional.empty();
        }
        List<Stop> stops = new ArrayList<>();
        List<CoreEnd> cores = new ArrayList<>(List.of(core));
        walk.on(near.get(), stops, cores);
        stops = new ArrayList<>(stops.reversed());
        cores = new ArrayList<>(cores.reversed());
        walk.on(far.get(), stops, cores);
        return Optional.of(new CorePath(stops, cores));
    }

    private record Walk(CorePlan plan, Set<CoreEnd> seen) {
        private Walk(CorePlan plan) {
            this(plan, new HashSet<>());
        }

        /// Goes on from where an end is held until a core is joined to nothing further.
        private void on(Held from, List<Stop> stops, List<CoreEnd> cores) {
            Held at = from;
            while (at != null) {
                stops.add(at.stop());
                seen.add(at.core());
                at = next(at).orElse(null);
                if (at != null) {
                    cores.add(at.core());
                }
            }
        }

        /// The other end of the core that is joined there.
        private Optional<Held> next(Held at) {
            if (!(at.termination() instanceof CoreTermination.Joined joined)) {
                return Optional.empty();
            }
            CoreEnd other = new CoreEnd(joined.cableId(), joined.colour());
            return at.box()
                    .cable(other.cableId())
                    .filter(cable -> !seen.contains(other))
                    .flatMap(cable -> held(other, cable.end() == CableEnd.NEAR ? CableEnd.FAR : CableEnd.NEAR));
        }

        private Optional<Held> held(CoreEnd core, CableEnd end) {
            Optional<Cable> cable = plan.cableOf(core);
            Optional<BoxPlan> box = cable.flatMap(its -> plan.at(its, end));
            return box.flatMap(its -> its.cables().stream()
                    .filter(one -> one.id().equals(core.cableId()) && one.end() == end)
                    .findFirst()
                    .flatMap(one -> one.core(core.colour()))
                    .map(planned -> new Held(core, end, its, planned.termination())));
        }
    }
}
