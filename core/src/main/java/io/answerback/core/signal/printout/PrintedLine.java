package io.answerback.core.signal.printout;

import io.answerback.core.model.common.Text;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Signal;

/// One line as a receiver prints it.
///
/// @param account the account it is listed under
/// @param words the event in the receiver's words; the bare digit where it has none
/// @param where the area and the zone, as far as the format tells them; empty when it tells neither
/// @param falseAccount whether the account is none that was sent: an event's digit repeated
public record PrintedLine(String account, String words, String where, boolean falseAccount) {
    /// Where a signal is from: its area, and its zone, user or module as its event has one.
    static String where(Signal signal, EventTable events) {
        return (Text.of("area %s ", signal.areaDigits())
                        + events.numbered(signal.event()).words(signal.zone()))
                .strip();
    }

    /// The line with blanks between its parts.
    public String text() {
        return (account + "  " + words + "  " + where).strip();
    }
}
