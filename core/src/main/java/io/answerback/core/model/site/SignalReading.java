package io.answerback.core.model.site;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.FedId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;

/// How strongly the panel heard a device or a converter, as it showed it at a test.
///
/// @param part the wireless device, or the converter
/// @param decibelMilliwatts the signal, in decibels over one milliwatt
/// @param at when
@RecordBuilder
public record SignalReading(FedId part, double decibelMilliwatts, Instant at) implements SignalReadingBuilder.With {
    /// @throws IllegalArgumentException when a part is missing or the signal beyond sense
    public SignalReading {
        Require.given(part, "part of a signal reading");
        Require.within(decibelMilliwatts, -140, 0, Text.of("signal of %s in dBm", part));
        Require.given(at, "time of a signal reading of " + part);
    }
}
