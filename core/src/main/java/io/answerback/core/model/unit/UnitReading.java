package io.answerback.core.model.unit;

import io.answerback.core.model.common.Require;
import java.time.LocalDate;

/// How strongly a communicator heard its network.
///
/// @param decibelMilliwatts the signal in dBm, -140 to 0
/// @param on the day
/// @param where where it or its aerial stood; empty where nobody said
public record UnitReading(double decibelMilliwatts, LocalDate on, String where) {
    /// @throws IllegalArgumentException when the signal is beyond sense or the day missing
    public UnitReading {
        Require.within(decibelMilliwatts, -140, 0, "signal of the communicator in dBm");
        Require.given(on, "day of a signal reading");
        where = Identity.text(where, "where the communicator stood");
    }
}
