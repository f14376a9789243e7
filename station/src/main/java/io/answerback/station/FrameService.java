package io.answerback.station;

import io.answerback.core.model.receiver.Transport;
import io.answerback.core.signal.format.Answer;
import io.answerback.core.signal.format.IpFrame;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import java.util.random.RandomGenerator;

/// Judges what callers send, whatever way it came, lists it, and says what goes back: the right answer, or what a
/// station that is told to misbehave sends.
final class FrameService {
    private static final Duration SLOW = Duration.ofSeconds(3);
    private static final Duration WRONG_BY = Duration.ofHours(1);
    private static final int LAST_SEQUENCE = 9999;

    private final StationRules rules;
    private final InstantSource clock;
    private final Teller teller;
    private final Supervision supervision;
    private final Judge judge;
    private final RandomGenerator random = new SecureRandom();
    private final AtomicLong frames = new AtomicLong();

    FrameService(StationRules rules, InstantSource clock, Teller teller, Supervision supervision) {
        this.rules = rules;
        this.clock = clock;
        this.teller = teller;
        this.supervision = supervision;
        this.judge = new Judge(rules);
    }

    /// What one frame is answered.
    ///
    /// It is put into the list before the answer goes out, so that the list has the order in which senders were
    /// answered: who waits for an answer before the next signal finds both in that order. Telling never waits
    /// for a listener.
    ///
    /// @param transport over which it came
    /// @param caller the address it came from
    /// @param exchange how it came, when it is known what goes back
    Reply serve(String frame, Transport transport, String caller, Function<String, Exchange> exchange) {
        Instant now = clock.instant();
        Instant judgedAt = rules.misbehaviour() == Misbehaviour.WRONG_TIME ? now.plus(WRONG_BY) : now;
        Verdict right = judge.judge(new Judge.Came(frame, transport, caller, judgedAt));
        Verdict given = misbehave(right);
        Reply reply = reply(given, judgedAt);
        if (given.received().answer().equals(Optional.of(Answer.ACK))) {
            supervision.heard(given.frame().account(), now);
        }
        if (!given.duplicate()) {
            Received received = given.received().over(exchange.apply(reply.text()));
            teller.tell(received);
            given.further().forEach(signal -> teller.tell(received.with(signal)));
        }
        return reply;
    }

    private Verdict misbehave(Verdict verdict) {
        boolean dropped = switch (rules.misbehaviour()) {
            case SILENT, CLOSE -> true;
            case DROP -> frames.incrementAndGet() % rules.dropEvery() == 0;
            case NONE, SLOW, NAK, DUH, WRONG_TIME, WRONG_SEQUENCE, HALF, TWICE -> false;
        };
        if (dropped) {
            return verdict.answered(Optional.empty());
        }
        return switch (rules.misbehaviour()) {
            case NAK -> verdict.answered(Optional.of(Answer.NAK));
            case DUH -> verdict.answered(Optional.of(Answer.DUH));
            case NONE, SILENT, SLOW, DROP, WRONG_TIME, WRONG_SEQUENCE, HALF, CLOSE, TWICE -> verdict;
        };
    }

    private Reply reply(Verdict verdict, Instant now) {
        if (rules.misbehaviour() == Misbehaviour.CLOSE) {
            return new Reply(List.of(), Duration.ZERO, true);
        }
        Optional<String> text = verdict.reply(now, random);
        if (text.isEmpty()) {
            return Reply.NOTHING;
        }
        String whole = text.get();
        return switch (rules.misbehaviour()) {
            case SLOW -> new Reply(List.of(whole), SLOW, false);
            case TWICE -> Reply.of(List.of(whole, whole));
            case HALF -> Reply.of(List.of(whole.substring(0, whole.length() / 2)));
            case WRONG_SEQUENCE -> Reply.of(List.of(other(verdict, now)));
            case NONE, SILENT, NAK, DUH, DROP, WRONG_TIME, CLOSE -> Reply.of(List.of(whole));
        };
    }

    private String other(Verdict verdict, Instant now) {
        IpFrame to = verdict.frame();
        IpFrame other = to.numbered(to.sequence() % LAST_SEQUENCE + 1);
        return verdict.text(verdict.received().answer().orElseThrow(), other, now, random);
    }

    void note(String what, String problem) {
        teller.tell(Received.note(clock.instant(), what, problem));
    }
}
