package io.answerback.desktop.loop;

import io.answerback.core.model.common.FigureReader;
import io.answerback.core.model.common.Typed;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.InputModel;
import io.answerback.core.model.site.Measurement;
import io.answerback.core.model.site.Measurement.Measured;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;

/// A reading as engineers type it: ohms, "open", or the volts at the input while it is connected.
final class TypedReading {
    private static final String OPEN = "open";

    private TypedReading() {}

    /// The measurement a text stands for; a refusal shows what can be written.
    ///
    /// @param model how the input measures, for a reading in volts
    static Typed<Measurement> of(String text, PointId pointId, Measured what, InputModel model, Instant at) {
        String typed = text.strip().toLowerCase(Locale.ROOT);
        if (typed.equals(OPEN)) {
            return new Typed.Read<>(new Measurement(pointId, at, what, Optional.empty(), ""));
        }
        if (typed.endsWith("v")) {
            return read(typed.substring(0, typed.length() - 1), "reading in volts")
                    .then(volts -> ohms(volts, text.strip(), model))
                    .then(ohms -> new Measurement(pointId, at, what, ohms, text.strip() + " at the connected input"));
        }
        return read(text, "reading in ohms").then(ohms -> new Measurement(pointId, at, what, Optional.of(ohms), ""));
    }

    /// @throws IllegalArgumentException when the input cannot show so many volts
    private static Optional<Double> ohms(double volts, String text, InputModel model) {
        if (volts < 0 || volts > model.pullUpVolts()) {
            throw new IllegalArgumentException(
                    "this input shows 0 to %s V, not %s".formatted(model.pullUpVolts(), text));
        }
        double ohms = model.ohms(volts);
        return Double.isInfinite(ohms) ? Optional.empty() : Optional.of(ohms);
    }

    private static Typed<Double> read(String text, String what) {
        return FigureReader.read(text, what).orAlso(", 1.60 V or open");
    }
}
