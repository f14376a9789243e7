package io.answerback.core.loop.commission;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Measurement;
import java.util.List;
import java.util.stream.Stream;

/// A loop that still reads as computed and has changed since the visit before.
public final class LoopDrifted implements JobCheck {
    /// A loop still reads as computed and has changed since the visit before.
    public static final Rule RULE = new Rule(
            "loop-drifted",
            Stop.LOOP,
            Grade.NOTE,
            "A loop still reads as computed and has changed since the visit before.",
            "A loop that drifts is a joint or a cable that fails slowly.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(Readings.FACT).stream()
                .filter(reading -> !reading.verdict().off())
                .filter(reading -> reading.driftOhms().isPresent())
                .map(LoopDrifted::finding);
    }

    private static Finding finding(LoopReading reading) {
        double drift = reading.driftOhms().orElseThrow();
        return RULE.finds(
                        new Target.OfPoint(reading.pointId()),
                        Text.of(
                                "%s since the last visit",
                                Double.isInfinite(drift) ? "Changed" : Figures.signedOhms(drift)),
                        Text.of(
                                "It read %s then and %s now, in the same state.",
                                ohms(reading.before().orElseThrow()),
                                ohms(reading.latest().orElseThrow())),
                        "Look at its joints before the next visit.")
                .of(reading.pointId() + ":" + reading.setup().id());
    }

    private static String ohms(Measurement reading) {
        return reading.ohms().map(Figures::ohms).orElse("open");
    }
}
