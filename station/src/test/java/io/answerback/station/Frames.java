package io.answerback.station;

import io.answerback.core.signal.event.EventClass;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.LetterTable;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpSignals;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/// Frames and tables the tests send and read.
final class Frames {
    /// The events they know.
    static final EventTable EVENTS = new EventTable(List.of(new EventClass(
            "130", "burglary", "BA", "BR", "alarm", new EventClass.PulseDigits('3', Optional.empty(), "ALARM"))));
    /// Reads what the tests send.
    static final IpSignals SIGNALS = new IpSignals(new LetterTable(EVENTS, List.of()));

    private Frames() {}

    /// A burglary in area 1.
    static IpFrame burglary(String account, int sequence, int zone, Instant at) {
        return IpFrame.of(new Signal(account, Qualifier.NEW, "130", 1, zone), sequence, "1", "0", at);
    }
}
