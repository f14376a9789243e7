package io.answerback.station;

import io.answerback.core.format.Answer;
import io.answerback.core.format.BadFrame;
import io.answerback.core.format.IpFrame;
import io.answerback.core.format.IpFrames;
import io.answerback.core.format.SecretFrames;
import java.io.IOException;
import java.net.UnknownHostException;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.InstantSource;
import java.util.Optional;
import java.util.function.IntConsumer;
import java.util.random.RandomGenerator;

/// Sends a frame and waits for its answer; sends the very same frame again when none comes in time, or when it is
/// refused (NAK). A DUH is final: the same frame would not be understood the next time either.
///
/// @param attempts tries before giving up, 1 or more
/// @param timeout how long one try waits
/// @param clock tells when an answer came
/// @param sendsFrom told the port of this computer that each attempt is sent from, before it is
public record Transmitter(int attempts, Duration timeout, InstantSource clock, IntConsumer sendsFrom) {
    /// A transmitter of which nobody asks from which port it sends.
    public Transmitter(int attempts, Duration timeout, InstantSource clock) {
        this(attempts, timeout, clock, port -> {});
    }

    private static final RandomGenerator PADDING = new SecureRandom();

    /// Sends one frame over TCP in the clear; see [#send(Destination, IpFrame)].
    public Delivery send(String host, int port, IpFrame frame) {
        return send(Destination.of(host, port), frame);
    }

    /// Sends one frame. Blocks until it is answered or given up; call it off the interface's thread.
    /// Interrupting the thread ends it after the try that is under way.
    public Delivery send(Destination to, IpFrame frame) {
        String text =
                to.key().map(key -> SecretFrames.encode(frame, key, PADDING)).orElseGet(() -> IpFrames.encode(frame));
        long started = System.nanoTime();
        String problem = "";
        Optional<Answer> last = Optional.empty();
        int made = 0;
        while (made < attempts && !Thread.currentThread().isInterrupted()) {
            made++;
            Optional<Answer> before = last;
            try {
                Optional<IpFrame> reply =
                        new RoundTrip(timeout, sendsFrom).carry(to, text, came -> answer(came, to, frame));
                last = reply.flatMap(its -> Answer.read(its, frame)).or(() -> before);
                problem = reply.map(Transmitter::problem).orElse("what came back was no answer to this frame");
                if (reply.isPresent() && last.orElseThrow() != Answer.NAK) {
                    return delivery(last, started, made, problem);
                }
            } catch (UnknownHostException unknown) {
                return delivery(Optional.empty(), started, made, RoundTrip.explained(unknown, to));
            } catch (IOException failed) {
                problem = RoundTrip.explained(failed, to);
            }
        }
        return delivery(last, started, made, problem.isEmpty() ? "stopped" : problem);
    }

    private Delivery delivery(Optional<Answer> answer, long started, int made, String problem) {
        return new Delivery(answer, clock.instant(), (System.nanoTime() - started) / 1_000_000, made, problem);
    }

    /// An answer to an encrypted frame must be encrypted too, but for a refusal.
    private static Optional<IpFrame> answer(String text, Destination to, IpFrame frame) {
        try {
            boolean secret = SecretFrames.encrypted(text);
            IpFrame reply = secret
                    ? SecretFrames.decode(text, to.key().orElseThrow(() -> new BadFrame("no key")))
                    : IpFrames.decode(text);
            return Optional.of(reply)
                    .filter(its -> secret || to.key().isEmpty() || its.id().equals(Answer.NAK.name()))
                    .filter(its -> Answer.read(its, frame).isPresent());
        } catch (BadFrame notAnAnswer) {
            return Optional.empty();
        }
    }

    private static String problem(IpFrame reply) {
        return switch (Answer.valueOf(reply.id())) {
            case ACK -> "";
            case NAK ->
                "the station refused it (NAK)%s: check the time and the frame"
                        .formatted(reply.sentAt()
                                .map(" and gives its own time as %s"::formatted)
                                .orElse(""));
            case DUH -> "the station did not understand it (DUH)";
        };
    }
}
