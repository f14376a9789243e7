package io.answerback.core.signal.sound;

import java.util.List;

/// What is heard in a recording of a call.
///
/// @param digits the digits, in order
/// @param tones the receiver's tones, in order
/// @param reports what was reported: sixteen digits each in tones, all rounds of pulses with blanks between, or
///     account and events in letters
/// @param problems what is out of the standard, or missing
public record Recording(List<HeardDigit> digits, List<HeardTone> tones, List<String> reports, List<String> problems) {
    public Recording {
        digits = List.copyOf(digits);
        tones = List.copyOf(tones);
        reports = List.copyOf(reports);
        problems = List.copyOf(problems);
    }
}
