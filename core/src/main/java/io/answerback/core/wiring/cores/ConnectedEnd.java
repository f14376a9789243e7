package io.answerback.core.wiring.cores;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Point;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;

/// An end of a cable that comes to a place.
///
/// @param colours what its cores are for; null while its type is not decided
/// @param loops the loops it carries
/// @param devices the devices at its far end, whether it carries their loops or not
record ConnectedEnd(
        Cable cable, CableEnd end, CableDestination serves, CoreColours colours, List<Loop> loops, List<Loop> devices) {
    /// A loop in a cable.
    ///
    /// @param point the point, with the parts of the loop its contact lies in
    /// @param input where it is measured; null where it has no input yet
    record Loop(Point point, Input input) {
        /// Whether the point is the second zone of an input that serves two.
        boolean second() {
            return input != null && input.second();
        }
    }

    /// The other end of the same cable.
    ConnectedEnd otherEnd() {
        return new ConnectedEnd(cable, near() ? CableEnd.FAR : CableEnd.NEAR, serves, colours, loops, devices);
    }

    boolean near() {
        return end == CableEnd.NEAR;
    }

    Optional<String> colour(CoreNeed need) {
        return colours == null ? Optional.empty() : colours.colour(need);
    }

    Optional<Loop> loop(PointId pointId) {
        return loops.stream().filter(loop -> loop.point().id().equals(pointId)).findFirst();
    }

    /// Joined to the core of another cable for a need.
    static CoreTermination joined(ConnectedEnd other, CoreNeed need) {
        return other.colours == null
                ? new CoreTermination.Nowhere(Text.of("the type of %s is not decided", other.cable.id()))
                : other.colour(need)
                        .<CoreTermination>map(colour -> new CoreTermination.Joined(other.cable.id(), colour))
                        .orElse(new CoreTermination.Nowhere("no core is left in " + other.cable.id()));
    }

    /// Its cores, each with where it goes at this end.
    CableCores cores(BiFunction<ConnectedEnd, CoreNeed, CoreTermination> termination) {
        if (colours == null) {
            return new CableCores(cable, end, serves, List.of(), List.of(), List.of());
        }
        List<PlannedCore> cores = colours.uses().entrySet().stream()
                .map(core -> core(core, termination))
                .toList();
        return new CableCores(cable, end, serves, cores, colours.lacking(), polarLoops());
    }

    private List<PointId> polarLoops() {
        return loops.stream()
                .map(Loop::point)
                .filter(point -> point.kind().loopHasPolarity())
                .map(Point::id)
                .toList();
    }

    private PlannedCore core(
            Map.Entry<String, CoreNeed> core, BiFunction<ConnectedEnd, CoreNeed, CoreTermination> termination) {
        CoreNeed need = core.getValue();
        CoreTermination where =
                need.use() == CoreUse.SPARE ? new CoreTermination.FoldedBack() : termination.apply(this, need);
        return new PlannedCore(core.getKey(), need, where);
    }
}
