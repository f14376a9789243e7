package io.answerback.core.signal.printout;

import io.answerback.core.signal.event.Signal;

/// A signal as it was read, as far as its format tells it; a part it does not tell is empty.
///
/// @param event three digits of the event table, or one event digit of a pulse format
/// @param qualifier 1, 3 or 6
/// @param area two digits
/// @param zone three digits
public record ReadSignal(String account, String event, String qualifier, String area, String zone) {
    /// A signal of a format that tells everything.
    public static ReadSignal of(Signal signal) {
        return new ReadSignal(
                signal.account(),
                signal.event(),
                String.valueOf(signal.qualifier().digit()),
                signal.areaDigits(),
                signal.zoneDigits());
    }
}
