package io.answerback.station;

import io.answerback.core.event.Signal;
import io.answerback.core.report.Answer;
import io.answerback.core.report.BadFrame;
import io.answerback.core.report.IpFrame;
import io.answerback.core.report.IpFrames;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Decides what a frame is worth and what to answer (SIA DC-09). Knows no socket and no clock; safe to share
/// between connections.
final class Judge {
    private static final Duration LATEST = Duration.ofSeconds(40);
    private static final Duration EARLIEST = Duration.ofSeconds(20);
    private static final Duration RESEND_WINDOW = Duration.ofMinutes(5);
    private static final int REMEMBERED_FRAMES = 4096;
    private static final int LONGEST_LISTED = 300;

    private final StationRules rules;
    private final Map<String, Instant> seen = new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Instant> eldest) {
            return size() > REMEMBERED_FRAMES;
        }
    };

    Judge(StationRules rules) {
        this.rules = rules;
    }

    /// What was decided.
    ///
    /// @param frame the frame that is answered
    /// @param received what the log lists
    /// @param reply the answer's text, LF to CR; empty when none is sent
    /// @param duplicate whether the same frame was listed before, so that it is answered but not listed again
    record Verdict(IpFrame frame, Received received, Optional<String> reply, boolean duplicate) {}

    Verdict judge(String text, Instant now) {
        try {
            return judge(IpFrames.decode(text), text, now);
        } catch (BadFrame bad) {
            IpFrame none = new IpFrame(IpFrame.NULL, 0, "", "0", "", "", Optional.empty());
            var answer = rules.answerBadFrames() ? Optional.of(Answer.NAK) : Optional.<Answer>empty();
            return verdict(none, "not a frame", text, now, Optional.empty(), answer, List.of(bad.getMessage()));
        }
    }

    private Verdict judge(IpFrame frame, String text, Instant now) {
        Optional<String> clock = frame.sentAt().flatMap(sent -> clockProblem(sent, now));
        if (clock.isPresent()) {
            return verdict(
                    frame, frame.id(), text, now, Optional.empty(), Optional.of(Answer.NAK), List.of(clock.get()));
        }
        if (frame.id().equals(IpFrame.NULL)) {
            return verdict(frame, frame.id(), text, now, Optional.empty(), Optional.of(Answer.ACK), List.of());
        }
        try {
            Signal signal = IpFrames.signal(frame);
            return verdict(
                    frame,
                    frame.id(),
                    text,
                    now,
                    Optional.of(signal),
                    Optional.of(Answer.ACK),
                    rules.list().apply(signal));
        } catch (BadFrame notServed) {
            return verdict(
                    frame,
                    frame.id(),
                    text,
                    now,
                    Optional.empty(),
                    Optional.of(Answer.DUH),
                    List.of(notServed.getMessage()));
        }
    }

    private Verdict verdict(
            IpFrame frame,
            String what,
            String text,
            Instant now,
            Optional<Signal> signal,
            Optional<Answer> answer,
            List<String> problems) {
        String listed = IpFrames.printable(text.length() > LONGEST_LISTED ? text.substring(0, LONGEST_LISTED) : text);
        boolean duplicate = answer.filter(Answer.ACK::equals).isPresent() && seenBefore(frame, now);
        Optional<String> reply = answer.map(given -> IpFrames.encode(given.frame(frame, now)));
        return new Verdict(frame, new Received(now, what, listed, signal, answer, problems), reply, duplicate);
    }

    /// The same verdict with another answer, for a station that misbehaves.
    Verdict instead(Verdict verdict, Answer answer, Instant now) {
        IpFrame to = verdict.frame();
        return new Verdict(
                to,
                verdict.received().answered(Optional.of(answer)),
                Optional.of(IpFrames.encode(answer.frame(to, now))),
                verdict.duplicate());
    }

    private static Optional<String> clockProblem(Instant sent, Instant now) {
        if (sent.isBefore(now.minus(LATEST))) {
            return Optional.of("its clock is %d s behind; the station takes 40 s. Set the clock of the communicator."
                    .formatted(Duration.between(sent, now).toSeconds()));
        }
        if (sent.isAfter(now.plus(EARLIEST))) {
            return Optional.of("its clock is %d s ahead; the station takes 20 s. Set the clock of the communicator."
                    .formatted(Duration.between(now, sent).toSeconds()));
        }
        return Optional.empty();
    }

    private boolean seenBefore(IpFrame frame, Instant now) {
        String key = String.join(
                " ",
                frame.account(),
                frame.receiver(),
                frame.line(),
                frame.sequenceDigits(),
                frame.id(),
                frame.data(),
                frame.sentAt().map(Instant::toString).orElse(""));
        synchronized (seen) {
            Instant before = seen.put(key, now);
            return before != null && before.plus(RESEND_WINDOW).isAfter(now);
        }
    }
}
