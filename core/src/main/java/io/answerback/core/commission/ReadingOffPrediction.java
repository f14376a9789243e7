package io.answerback.core.commission;

import io.answerback.core.common.Figures;
import io.answerback.core.common.Text;
import io.answerback.core.fault.Diagnosis;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Grade;
import io.answerback.core.finding.JobCheck;
import io.answerback.core.finding.Rule;
import io.answerback.core.finding.Stop;
import io.answerback.core.finding.Target;
import io.answerback.core.memo.Facts;
import io.answerback.core.site.Measurement;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A loop that was measured and cannot be as it was computed, whatever its tolerances.
public final class ReadingOffPrediction implements JobCheck {
    /// A loop was measured and cannot be as it was computed, whatever its tolerances.
    public static final Rule RULE = new Rule(
            "reading-off",
            Stop.LOOP,
            Grade.TIGHT,
            "A loop was measured and cannot be as it was computed, whatever its tolerances.",
            "Something conducts across it, is in its way, or is not what was planned.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(Readings.FACT).stream()
                .filter(reading -> reading.verdict().off())
                .map(reading -> finding(reading, facts.of(PointDiagnosis.FACT, reading.pointId())));
    }

    private static Finding finding(LoopReading reading, Optional<Diagnosis> diagnosis) {
        String read =
                reading.latest().flatMap(Measurement::ohms).map(Figures::ohms).orElse("open");
        return RULE.finds(
                        new Target.OfPoint(reading.pointId()),
                        Text.of(
                                "%s reads %s, %s",
                                capital(reading.setup().measured().words()),
                                read,
                                reading.verdict().words()),
                        Text.of(
                                "It should be %s. %s",
                                reading.should(),
                                diagnosis.map(PointDiagnosis::says).orElse("")),
                        diagnosis.map(PointDiagnosis::remedy).orElse("Take a second reading in another state."))
                .of(reading.pointId() + ":" + reading.setup().id());
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
