package io.answerback.station;

import io.answerback.core.model.receiver.Carried;
import io.answerback.core.model.receiver.Transport;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.Answer;
import io.answerback.core.signal.format.BadFrame;
import io.answerback.core.signal.format.EncryptionKey;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpFrames;
import io.answerback.core.signal.format.SecretFrames;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Decides what a frame is worth and what to answer (SIA DC-09). Knows no socket and no clock; safe to share
/// between connections.
final class Judge {
    private static final Duration LATEST = Duration.ofSeconds(40);
    private static final Duration EARLIEST = Duration.ofSeconds(20);
    private static final int LONGEST_LISTED = 300;

    private final StationRules rules;
    private final Repeats repeats = new Repeats();
    private final Resends resends = new Resends();

    Judge(StationRules rules) {
        this.rules = rules;
    }

    /// What came, over which transport, from which address, and when.
    record Came(String text, Transport transport, String caller, Instant now) {}

    /// One frame while it is judged.
    private record Case(IpFrame frame, Optional<EncryptionKey> key, Came came) {
        Instant now() {
            return came.now();
        }
    }

    Verdict judge(Came came) {
        if (SecretFrames.encrypted(came.text())) {
            return secret(came);
        }
        try {
            return judge(new Case(IpFrames.decode(came.text()), Optional.empty(), came));
        } catch (BadFrame bad) {
            return bad(came, bad, rules.answerBadFrames());
        }
    }

    private Verdict bad(Came came, BadFrame bad, boolean answered) {
        IpFrame none = new IpFrame(IpFrame.NULL, 0, "", "0", "", "", Optional.empty());
        Optional<Answer> answer = answered ? Optional.of(Answer.NAK) : Optional.empty();
        return verdict(
                new Case(none, Optional.empty(), came), "not a frame", Optional.empty(), answer, bad.getMessage());
    }

    /// What cannot be decrypted is not answered, so that nobody learns which accounts and keys there are.
    private Verdict secret(Came came) {
        List<EncryptionKey> keys;
        try {
            keys = SecretFrames.account(came.text()).map(rules.keys()).orElse(List.of());
        } catch (BadFrame torn) {
            return bad(came, torn, rules.answerBadFrames());
        }
        BadFrame closed = new BadFrame("the frame is encrypted, and the station has no key for its account");
        for (EncryptionKey key : keys) {
            try {
                return judge(new Case(SecretFrames.decode(came.text(), key), Optional.of(key), came));
            } catch (BadFrame another) {
                closed = another;
            }
        }
        return bad(came, closed, false);
    }

    private Verdict judge(Case its) {
        IpFrame frame = its.frame();
        Optional<String> clock = frame.sentAt().flatMap(sent -> clockProblem(sent, its.now()));
        if (clock.isPresent()) {
            return verdict(its, frame.id(), Optional.empty(), Optional.of(Answer.NAK), clock.get());
        }
        if (frame.id().equals(IpFrame.NULL)) {
            return verdict(its, frame.id(), Optional.empty(), Optional.of(Answer.ACK));
        }
        try {
            List<Signal> signals = rules.signals().all(frame);
            Stream<String> listed = signals.stream().flatMap(each -> rules.list().apply(each).stream());
            String[] problems =
                    Stream.concat(listed, repeats.of(frame, its.now()).stream()).toArray(String[]::new);
            return verdict(its, frame.id(), Optional.of(signals.getFirst()), Optional.of(Answer.ACK), problems)
                    .with(signals.subList(1, signals.size()));
        } catch (BadFrame notServed) {
            return verdict(its, frame.id(), Optional.empty(), Optional.of(Answer.DUH), notServed.getMessage());
        }
    }

    private Verdict verdict(
            Case its, String what, Optional<Signal> signal, Optional<Answer> answer, String... problems) {
        String text = its.came().text();
        boolean encrypted = SecretFrames.encrypted(text);
        String listed = IpFrames.printable(text.length() > LONGEST_LISTED ? text.substring(0, LONGEST_LISTED) : text);
        List<String> unlike = answer.filter(Answer.ACK::equals).isPresent()
                ? rules.unlike().apply(its.frame(), new Carried(its.came().transport(), encrypted))
                : List.of();
        boolean duplicate = answer.filter(Answer.ACK::equals).isPresent() && seenBefore(its);
        Received received = new Received(
                its.now(),
                what,
                listed,
                signal,
                encrypted,
                answer,
                Stream.concat(Stream.of(problems), unlike.stream()).toList(),
                Optional.empty(),
                unlike);
        return new Verdict(its.frame(), its.key(), received, duplicate);
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

    /// A resend has the sequence of the first, whatever its time: a sender may stamp each try.
    private boolean seenBefore(Case its) {
        IpFrame frame = its.frame();
        String key = String.join(
                " ", frame.account(), frame.receiver(), frame.line(), frame.sequenceDigits(), frame.id(), frame.data());
        return resends.seenBefore(key, its.came().caller(), its.now());
    }
}
