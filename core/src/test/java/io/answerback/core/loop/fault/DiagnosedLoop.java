package io.answerback.core.loop.fault;

import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.core.testing.SmallJob;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/// A loop on a cable whose readings are explained.
abstract class DiagnosedLoop {
    /// 2k2 and 4k7 of ±1 % behind 100 m of 92 Ω/km: 18.4 Ω there and back at 20 °C.
    static final LoopWiring WIRING = SmallJob.wiring();

    static final Cable CABLE = SmallJob.cable("01");
    static final FittedLoop LOOP = FittedLoop.of(WIRING, CABLE);

    /// All causes alike, but for those that few readings can tell from others: they are rare.
    static Priors even() {
        Map<Cause, Double> shares = new EnumMap<>(Cause.class);
        Arrays.stream(Cause.values()).forEach(cause -> shares.put(cause, 1.0));
        List.of(
                        Cause.DOUBLED,
                        Cause.RESISTOR_IN_PANEL,
                        Cause.LEAK_TO_ZERO_VOLTS,
                        Cause.TWO_LOOPS,
                        Cause.CONTACT_STICKS,
                        Cause.CUT_THROUGH_DAMP,
                        Cause.LOST_SUPPLY,
                        Cause.UNEXPLAINED)
                .forEach(cause -> shares.put(cause, 0.02));
        return new Priors(shares);
    }

    static Reading reading(MeasurementSetup setup, double ohms) {
        return Reading.ohms(setup, ohms);
    }

    static Diagnosis diagnose(Reading... readings) {
        return Diagnosis.of(LOOP, even(), List.of(readings));
    }

    static double probability(Diagnosis diagnosis, Cause cause) {
        return diagnosis.explanations().stream()
                .filter(explanation -> explanation.cause() == cause)
                .mapToDouble(Explanation::probability)
                .sum();
    }
}
