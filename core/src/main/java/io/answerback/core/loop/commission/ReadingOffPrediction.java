package io.answerback.core.loop.commission;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.loop.fault.Diagnosis;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.LoopCase;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.KindWords;
import io.answerback.core.model.site.Measurement;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A loop that was measured and cannot be as it was computed, whatever its tolerances. Where the panel makes
/// something else of what was measured than the state it was measured in, it is wrong: a door that stands open
/// reads as shut.
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
                .map(reading -> finding(
                        reading,
                        facts.of(WiredPoint.FACT, reading.pointId()).flatMap(wired -> misread(wired, reading)),
                        facts.of(PointDiagnosis.FACT, reading.pointId())));
    }

    /// What the panel makes of a reading, in words, where that is not what the state means; empty where it is, or
    /// where the reading lies between bands.
    private static Optional<String> misread(WiredPoint wired, LoopReading reading) {
        double ohms = reading.latest().flatMap(Measurement::ohms).orElse(Double.POSITIVE_INFINITY);
        DeviceState state = reading.setup().device().orElseThrow();
        KindWords words = wired.point().kind().words();
        return wired.loop()
                .flatMap(loop -> loop.chart().reads(ohms))
                .filter(meaning -> !LoopCase.sound(state).rightConclusions().contains(meaning))
                .map(meaning -> switch (meaning) {
                    case NORMAL -> words.restWord();
                    case ALARM -> words.activeWord();
                    default -> meaning.word();
                });
    }

    private static Finding finding(LoopReading reading, Optional<String> misread, Optional<Diagnosis> diagnosis) {
        String read =
                reading.latest().flatMap(Measurement::ohms).map(Figures::ohms).orElse("open");
        return RULE.finds(
                        misread.isPresent() ? Grade.WRONG : Grade.TIGHT,
                        new Target.OfPoint(reading.pointId()),
                        Text.of(
                                "%s reads %s, %s",
                                capital(reading.setup().measured().words()),
                                read,
                                misread.map(seen -> "and the panel reads " + seen)
                                        .orElse(reading.verdict().words())),
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
