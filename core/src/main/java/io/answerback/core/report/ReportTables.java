package io.answerback.core.report;

import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.LetterTable;
import io.answerback.core.signal.format.PulseTiming;
import java.util.List;

/// The tables that reports are made with.
///
/// @param timings how pulses are timed at each speed
public record ReportTables(EventTable events, LetterTable letters, List<PulseTiming> timings) {
    /// The timing of a speed.
    ///
    /// @throws IllegalArgumentException when the table has no row for it
    public PulseTiming timing(int perSecond) {
        return timings.stream()
                .filter(timing -> timing.pulsesPerSecond() == perSecond)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "the table has no timing for " + perSecond + " pulses a second; add a row"));
    }
}
