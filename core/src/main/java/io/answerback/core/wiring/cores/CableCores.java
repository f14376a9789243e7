package io.answerback.core.wiring.cores;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.cable.TerminatedCore;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.CoreUse;
import java.util.List;
import java.util.Optional;

/// The cores of one cable, seen from one of its ends.
///
/// @param cable the cable
/// @param end which end
/// @param serves what its far end comes to
/// @param cores every core it has, in the order they are counted; empty while its type is not decided
/// @param lacking what is needed and no core is left for
/// @param polarLoops the points whose loop cores must not be changed over
public record CableCores(
        Cable cable,
        CableEnd end,
        CableDestination serves,
        List<PlannedCore> cores,
        List<CoreNeed> lacking,
        List<PointId> polarLoops) {
    public CableCores {
        cores = List.copyOf(cores);
        polarLoops = List.copyOf(polarLoops);
        lacking = List.copyOf(lacking);
    }

    /// The cable's label.
    public CableId id() {
        return cable.id();
    }

    /// Whether a core and its partner must not be changed over: one of a supply, or of a loop whose device minds.
    public boolean polar(PlannedCore core) {
        return switch (core.use()) {
            case SUPPLY, SUPPLY_RETURN -> true;
            case LOOP, LOOP_RETURN ->
                core.need().pointId().filter(polarLoops::contains).isPresent();
            case TAMPER,
                    TAMPER_RETURN,
                    BUS_ONE,
                    BUS_TWO,
                    SOUNDER,
                    STROBE,
                    SOUNDER_TAMPER,
                    SPEAKER,
                    SPEAKER_RETURN,
                    TIP,
                    RING,
                    EVENT,
                    SETTING,
                    SPARE -> false;
        };
    }

    /// The first core for a use; empty when there is none.
    public Optional<PlannedCore> core(CoreUse use) {
        return cores.stream().filter(core -> core.use() == use).findFirst();
    }

    /// The core of a colour; empty when there is none.
    public Optional<PlannedCore> core(String colour) {
        return cores.stream().filter(core -> core.colour().equals(colour)).findFirst();
    }

    /// Whether it carries loops of several points.
    public boolean several() {
        return cores.stream()
                        .filter(core -> core.use() == CoreUse.LOOP)
                        .map(PlannedCore::need)
                        .distinct()
                        .count()
                > 1;
    }

    /// Where this end of a core was put; empty while it is loose.
    public Optional<TerminatedCore> terminated(String colour) {
        return cable.installation().terminated(end, colour);
    }

    /// The cores that are kept for later.
    public List<PlannedCore> spares() {
        return cores.stream().filter(core -> core.use() == CoreUse.SPARE).toList();
    }
}
