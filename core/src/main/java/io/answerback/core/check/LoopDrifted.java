package io.answerback.core.check;

import io.answerback.core.chain.Figures;
import io.answerback.core.commission.LoopReading;
import io.answerback.core.site.Measurement;
import java.util.stream.Stream;

/// A loop that still reads as computed and has changed since the visit before.
final class LoopDrifted implements JobRule {
    static final String RULE = "loop-drifted";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.readings().stream()
                .filter(reading -> !reading.verdict().off())
                .filter(reading -> reading.driftOhms().isPresent())
                .map(LoopDrifted::finding);
    }

    private static Finding finding(LoopReading reading) {
        double drift = reading.driftOhms().orElseThrow();
        return new Finding(
                RULE + ":" + reading.pointId() + ":" + reading.setup().id(),
                Stop.LOOP,
                Grade.NOTE,
                reading.pointId(),
                "",
                "%s since the last visit".formatted(Double.isInfinite(drift) ? "Changed" : Figures.signedOhms(drift)),
                "It read %s then and %s now, in the same state."
                        .formatted(
                                ohms(reading.before().orElseThrow()),
                                ohms(reading.latest().orElseThrow())),
                "Look at its joints before the next visit.");
    }

    private static String ohms(Measurement reading) {
        return reading.ohms().map(Figures::ohms).orElse("open");
    }
}
