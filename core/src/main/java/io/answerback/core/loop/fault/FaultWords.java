package io.answerback.core.loop.fault;

import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// Explanations in words, with their figures.
public final class FaultWords {
    private FaultWords() {}

    /// The cause with its value, such as "A damp joint across the pair, 11 900 Ω to 12 100 Ω".
    public static String says(Explanation explanation) {
        String cause = explanation.cause().words()
                + explanation
                        .value()
                        .map(value -> ", " + value(explanation.cause(), value))
                        .orElse("");
        return explanation
                .near()
                .map(near -> cause + (near ? ", before the joint half way" : ", beyond the joint half way"))
                .orElse(cause);
    }

    private static String value(Cause cause, Explanation.Stretch value) {
        return switch (cause.free()) {
            case METRES -> Text.of("%.0f to %.0f m from the panel", value.low(), value.high());
            case PREFERRED_VALUE ->
                value.low() == value.high()
                        ? Figures.resistor(value.likeliest())
                        : Text.of(
                                "%s, %s to %s",
                                Figures.resistor(value.likeliest()),
                                Figures.resistor(value.low()),
                                Figures.resistor(value.high()));
            case OHMS -> Figures.ohms(value.low()) + " to " + Figures.ohms(value.high());
            case STATE -> word(DeviceState.values()[(int) value.likeliest()]);
            case NONE -> "";
        };
    }

    /// What the loop would read in the device's other states if this were the cause, such as "shut would read
    /// 1 867 Ω".
    ///
    /// @param measured setups that were measured, which are left out
    public static String predicts(Explanation explanation, FittedLoop planned, List<MeasurementSetup> measured) {
        if (explanation.cause() == Cause.UNEXPLAINED) {
            return "Measure again with the cores lifted at both ends, and one part at a time: cable, then device.";
        }
        FaultyLoop loop = new FaultyLoop(planned);
        double value = explanation.value().map(Explanation.Stretch::likeliest).orElse(0.0);
        List<String> parts = new ArrayList<>();
        for (MeasurementSetup setup : MeasurementSetup.of(planned)) {
            if (setup.device().isPresent() && !measured.contains(setup)) {
                double ohms = loop.of(explanation.cause(), value, false, setup)
                        .range()
                        .nominalOhms();
                parts.add(Text.of("%s would read %s", word(setup.device().get()), Figures.ohms(ohms)));
            }
        }
        return String.join(", ", parts);
    }

    /// Two readings that no single cause gives together, as a sentence.
    public static String says(Diagnosis.Contradiction contradiction) {
        return Text.of(
                "Two readings contradict each other: %s in \"%s\" and %s in \"%s\". One of them is wrong, or something changed between them.",
                Figures.ohms(contradiction.one().ohms()),
                contradiction.one().setup().measured().words(),
                Figures.ohms(contradiction.other().ohms()),
                contradiction.other().setup().measured().words());
    }

    private static String word(DeviceState state) {
        return state == DeviceState.COVER_OFF
                ? "tamper open"
                : state.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
