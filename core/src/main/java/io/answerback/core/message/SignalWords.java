package io.answerback.core.message;

import io.answerback.core.event.EventTable;
import io.answerback.core.event.Qualifier;
import io.answerback.core.event.Signal;
import io.answerback.core.wording.Terms;

/// What a signal says, as a person says it.
public final class SignalWords {
    private SignalWords() {}

    /// A signal in words: "burglary", "end of burglary", and for setting and unsetting the one that it is, such as
    /// "set by user".
    ///
    /// @param events the event table in the words of the firm
    /// @param terms the firm's words for set and unset
    public static String of(Signal signal, EventTable events, Terms terms) {
        boolean restore = signal.qualifier() == Qualifier.RESTORE;
        String words = events.words(signal.event());
        String either = terms.toSet() + " or " + terms.toUnset();
        if (words.contains(either)) {
            return words.replace(either, restore ? terms.set() : terms.unset());
        }
        return restore && !settingOnly(signal) ? "end of " + words : words;
    }

    /// Whether it is about setting or unsetting, which has no end (SIA DC-05, events 4xx).
    public static boolean settingOnly(Signal signal) {
        return signal.event().startsWith("4");
    }
}
