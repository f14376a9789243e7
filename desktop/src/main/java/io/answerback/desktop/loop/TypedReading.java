package io.answerback.desktop.loop;

import io.answerback.core.common.FigureReader;
import io.answerback.core.id.PointId;
import io.answerback.core.profile.InputModel;
import io.answerback.core.site.Measurement;
import io.answerback.core.site.Measurement.Measured;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;

/// A reading as engineers type it: ohms, "open", or the volts at the input while it is connected.
final class TypedReading {
    private static final String OPEN = "open";

    private TypedReading() {}

    /// The measurement a text stands for.
    ///
    /// @param model how the input measures, for a reading in volts
    /// @throws IllegalArgumentException when it stands for none; the message shows what can be written
    static Measurement of(String text, PointId pointId, Measured what, InputModel model, Instant at) {
        String typed = text.strip().toLowerCase(Locale.ROOT);
        if (typed.equals(OPEN)) {
            return new Measurement(pointId, at, what, Optional.empty(), "");
        }
        if (typed.endsWith("v")) {
            double volts = read(typed.substring(0, typed.length() - 1), "reading in volts");
            if (volts < 0 || volts > model.pullUpVolts()) {
                throw new IllegalArgumentException(
                        "this input shows 0 to %s V, not %s".formatted(model.pullUpVolts(), text.strip()));
            }
            double ohms = model.ohms(volts);
            return new Measurement(
                    pointId,
                    at,
                    what,
                    Double.isInfinite(ohms) ? Optional.empty() : Optional.of(ohms),
                    text.strip() + " at the connected input");
        }
        return new Measurement(pointId, at, what, Optional.of(read(text, "reading in ohms")), "");
    }

    private static double read(String text, String what) {
        try {
            return FigureReader.read(text, what);
        } catch (IllegalArgumentException refused) {
            throw new IllegalArgumentException(refused.getMessage() + ", 1.60 V or open", refused);
        }
    }
}
