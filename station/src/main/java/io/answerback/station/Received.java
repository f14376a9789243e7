package io.answerback.station;

import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.Answer;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/// One thing that reached the station, as its log lists it.
///
/// @param at when
/// @param what the frame's kind, such as "ADM-CID" or "NULL"; "not a frame" when it was none
/// @param text what came, control characters spelled out
/// @param signal the signal in it; empty when there was none to read
/// @param encrypted whether it came encrypted
/// @param answer what was answered; empty when nothing was
/// @param problems what was wrong, in plain words
/// @param exchange how it came and what went back; empty for a line about the station itself
/// @param unlike what of the problems the site's own receivers would not take: they would refuse it, though this
///     station has answered
public record Received(
        Instant at,
        String what,
        String text,
        Optional<Signal> signal,
        boolean encrypted,
        Optional<Answer> answer,
        List<String> problems,
        Optional<Exchange> exchange,
        List<String> unlike) {
    public Received {
        problems = List.copyOf(problems);
        unlike = List.copyOf(unlike);
    }

    /// One that the site's own receivers would take, or of which that is not known.
    public Received(
            Instant at,
            String what,
            String text,
            Optional<Signal> signal,
            boolean encrypted,
            Optional<Answer> answer,
            List<String> problems,
            Optional<Exchange> exchange) {
        this(at, what, text, signal, encrypted, answer, problems, exchange, List.of());
    }

    /// A line about the station itself, or about something that is no frame.
    static Received note(Instant at, String what, String problem) {
        return new Received(
                at, what, "", Optional.empty(), false, Optional.empty(), List.of(problem), Optional.empty());
    }

    /// A call that a receiver on a line heard.
    ///
    /// @param text what it heard
    /// @param acknowledged whether it acknowledged
    public static Received called(Instant at, String text, boolean acknowledged, List<String> problems) {
        Optional<Answer> answer = acknowledged ? Optional.of(Answer.ACK) : Optional.empty();
        return new Received(at, "call", text, Optional.empty(), false, answer, problems, Optional.empty());
    }

    Received answered(Optional<Answer> other) {
        return new Received(at, what, text, signal, encrypted, other, problems, exchange, unlike);
    }

    /// The same with another of the signals that came with it.
    Received with(Signal other) {
        return new Received(at, what, text, Optional.of(other), encrypted, answer, List.of(), exchange, unlike);
    }

    Received over(Exchange how) {
        return new Received(at, what, text, signal, encrypted, answer, problems, Optional.of(how), unlike);
    }
}
