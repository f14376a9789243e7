package io.answerback.core.site;

import io.answerback.core.common.Require;
import io.answerback.core.common.Text;
import java.time.Instant;

/// How strongly the panel heard a device or a converter, as it showed it at a test.
///
/// @param part the point's number, or the converter's name
/// @param decibelMilliwatts the signal, in decibels over one milliwatt
/// @param at when
public record SignalReading(String part, double decibelMilliwatts, Instant at) {
    /// @throws IllegalArgumentException when a part is missing or the signal beyond sense
    public SignalReading {
        part = Require.text(part, "part of a signal reading");
        Require.within(decibelMilliwatts, -140, 0, Text.of("signal of %s in dBm", part));
        Require.given(at, "time of a signal reading of " + part);
    }

    /// The same reading of a part that got another name.
    public SignalReading withPart(String other) {
        return new SignalReading(other, decibelMilliwatts, at);
    }
}
