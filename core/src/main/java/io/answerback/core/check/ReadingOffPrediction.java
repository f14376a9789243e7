package io.answerback.core.check;

import io.answerback.core.chain.Figures;
import io.answerback.core.commission.LoopReading;
import io.answerback.core.site.Measurement;
import java.util.stream.Stream;

/// A loop that was measured and cannot be as it was computed, whatever its tolerances.
final class ReadingOffPrediction implements JobRule {
    static final String RULE = "reading-off";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.readings().stream()
                .filter(reading -> reading.verdict().off())
                .map(ReadingOffPrediction::finding);
    }

    private static Finding finding(LoopReading reading) {
        boolean low = reading.verdict() == LoopReading.Verdict.TOO_LOW;
        String read =
                reading.latest().flatMap(Measurement::ohms).map(Figures::ohms).orElse("open");
        return new Finding(
                RULE + ":" + reading.pointId() + ":" + reading.setup().id(),
                Stop.LOOP,
                Grade.TIGHT,
                reading.pointId(),
                "",
                "%s reads %s, %s"
                        .formatted(
                                capital(reading.setup().measured().words()),
                                read,
                                reading.verdict().words()),
                "It should be %s. %s"
                        .formatted(
                                reading.should(),
                                low
                                        ? "Something conducts across it, or a resistor is not the planned one."
                                        : "Something on the way conducts badly, or a resistor is not the planned one."),
                "Take a second reading in another state; the causes beside the bench say which.");
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
