package io.answerback.core.report.message;

import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;

/// What a signal says, as a person says it.
public final class SignalWords {
    private SignalWords() {}

    /// A signal in words: "burglary", "end of burglary", and for setting and unsetting the one that it is, such as
    /// "set by user".
    ///
    /// @param events the event table in the words of the firm
    public static String of(Signal signal, EventTable events) {
        boolean ends = signal.qualifier() == Qualifier.RESTORE && !settingOnly(signal);
        return events.said(signal)
                .orElseGet(() -> ends ? "end of " + events.words(signal.event()) : events.words(signal.event()));
    }

    /// Whether it is about setting or unsetting, which has no end (SIA DC-05, events 4xx).
    public static boolean settingOnly(Signal signal) {
        return signal.event().startsWith("4");
    }
}
