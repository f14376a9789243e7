package io.answerback.core.loop;

import io.answerback.core.loop.scheme.LoopCase;
import io.answerback.core.loop.scheme.Range;
import io.answerback.core.model.profile.Meaning;
import java.util.Optional;

/// One case with what the panel sees and concludes.
///
/// @param loopCase the case
/// @param range the worst-case resistance
/// @param reads what the panel concludes over the whole range; empty when that is not promised
/// @param safe whether the conclusion is one of the right ones
/// @param margin depth inside the band, 0 to 1
public record CaseReading(LoopCase loopCase, Range range, Optional<Meaning> reads, boolean safe, double margin) {
    /// Whether this is a fault that the panel takes for normal.
    public boolean hidden() {
        return loopCase.faulty()
                && !loopCase.harmlessAtRest()
                && reads.filter(Meaning.NORMAL::equals).isPresent();
    }
}
