package io.answerback.core.panel.behaviour;

import io.answerback.core.engine.memo.EveryPoint;
import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.FactOf;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.CaseReading;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.loop.scheme.LoopCase;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Meaning;
import java.util.List;
import java.util.Optional;

/// A zone that does not read normal while its point is at rest, by its computed loop.
///
/// @param zone its number
/// @param reads what it reads
record RestReading(int zone, Meaning reads) {
    private static final FactOf<PointId, Optional<RestReading>> ONE =
            FactOf.each("reading at rest that is not normal", RestReading::of);

    /// Those of a job.
    static final Fact<List<Optional<RestReading>>> ALL = EveryPoint.GROUPS.all("readings at rest", ONE);

    private static Optional<RestReading> of(Facts facts, PointId id) {
        Optional<WiredPoint> wired = facts.of(WiredPoint.FACT, id);
        if (wired.isEmpty() || wired.get().wireless() || wired.get().input().isEmpty()) {
            return Optional.empty();
        }
        int zone = wired.get().input().get().zone();
        boolean second = wired.get().second();
        return wired.get()
                .loop()
                .map(loop -> loop.of(LoopCase.AT_REST))
                .flatMap(CaseReading::reads)
                .map(meaning -> meaning.toZone(second))
                .filter(meaning -> meaning != Meaning.NORMAL)
                .map(meaning -> new RestReading(zone, meaning));
    }
}
