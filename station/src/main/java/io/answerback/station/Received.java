package io.answerback.station;

import io.answerback.core.event.Signal;
import io.answerback.core.report.Answer;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/// One thing that reached the station, as its log lists it.
///
/// @param at when
/// @param what the frame's kind, such as "ADM-CID" or "NULL"; "not a frame" when it was none
/// @param text what came, control characters spelled out
/// @param signal the signal in it; empty when there was none to read
/// @param answer what was answered; empty when nothing was
/// @param problems what was wrong, in plain words
public record Received(
        Instant at, String what, String text, Optional<Signal> signal, Optional<Answer> answer, List<String> problems) {
    public Received {
        problems = List.copyOf(problems);
    }

    Received answered(Optional<Answer> other) {
        return new Received(at, what, text, signal, other, problems);
    }
}
