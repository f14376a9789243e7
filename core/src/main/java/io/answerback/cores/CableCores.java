package io.answerback.cores;

import io.answerback.job.Cable;
import io.answerback.job.CoreUse;
import io.answerback.job.Point;
import java.util.List;
import java.util.Optional;

/// The cores of one cable.
///
/// @param cable the cable
/// @param point what it serves
/// @param cores every core it has, in the order they are counted; empty while its type is not decided
/// @param lacking what the device needs and no core is left for
public record CableCores(Cable cable, Point point, List<PlannedCore> cores, List<CoreUse> lacking) {
    public CableCores {
        cores = List.copyOf(cores);
        lacking = List.copyOf(lacking);
    }

    /// The core for a use; empty when there is none.
    public Optional<PlannedCore> core(CoreUse use) {
        return cores.stream().filter(core -> core.use() == use).findFirst();
    }

    /// The cores that are kept for later.
    public List<PlannedCore> spares() {
        return cores.stream().filter(core -> core.use() == CoreUse.SPARE).toList();
    }
}
