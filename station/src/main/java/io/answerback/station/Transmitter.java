package io.answerback.station;

import io.answerback.core.signal.format.Answer;
import io.answerback.core.signal.format.BadFrame;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpFrames;
import io.answerback.core.signal.format.SecretFrames;
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
        return send(to, frame, false);
    }

    /// Sends one frame, and where the station refuses it for its time sends it with the station's own, as a
    /// communicator does that sets its clock by it.
    public Delivery sendByTheirClock(Destination to, IpFrame frame) {
        return send(to, frame, true);
    }

    private Delivery send(Destination to, IpFrame frame, boolean setsItsClock) {
        IpFrame sent = frame;
        long started = System.nanoTime();
        String problem = "";
        Optional<Answer> last = Optional.empty();
        int made = 0;
        while (made < attempts && !Thread.currentThread().isInterrupted()) {
            made++;
            Optional<Answer> before = last;
            Heard heard = new Heard(to, sent);
            try {
                Optional<IpFrame> reply = new RoundTrip(timeout, sendsFrom).carry(to, text(sent, to), heard::answer);
                last = reply.map(its -> Answer.valueOf(its.id())).or(() -> before);
                problem = reply.map(Transmitter::problem).orElseGet(heard::problem);
                if (reply.isPresent() && last.orElseThrow() != Answer.NAK) {
                    return delivery(last, started, made, problem);
                }
                sent = setsItsClock ? reply.map(heard::corrected).orElse(sent) : sent;
            } catch (UnknownHostException unknown) {
                return delivery(Optional.empty(), started, made, RoundTrip.explained(unknown, to));
            } catch (IOException failed) {
                problem = heard.other()
                        .map(other -> "no answer in time to this frame; something else came: " + other)
                        .orElseGet(() -> RoundTrip.explained(failed, to));
            }
        }
        return delivery(last, started, made, problem.isEmpty() ? "stopped" : problem);
    }

    private static String text(IpFrame frame, Destination to) {
        return to.key().map(key -> SecretFrames.encode(frame, key, PADDING)).orElseGet(() -> IpFrames.encode(frame));
    }

    private Delivery delivery(Optional<Answer> answer, long started, int made, String problem) {
        return new Delivery(answer, clock.instant(), (System.nanoTime() - started) / 1_000_000, made, problem);
    }

    /// What comes back while one answer is waited for.
    private final class Heard {
        private static final Duration OLDEST = Duration.ofSeconds(40);

        private final Destination to;
        private final IpFrame frame;
        private Optional<String> other = Optional.empty();

        Heard(Destination to, IpFrame frame) {
            this.to = to;
            this.frame = frame;
        }

        /// An answer to an encrypted frame must be encrypted too, but for a refusal, and of now: one that was kept
        /// from an earlier frame proves nothing.
        Optional<IpFrame> answer(String text) {
            try {
                boolean secret = SecretFrames.encrypted(text);
                IpFrame reply = secret
                        ? SecretFrames.decode(text, to.key().orElseThrow(() -> new BadFrame("it is encrypted")))
                        : IpFrames.decode(text);
                Optional<String> wrong = Answer.unlike(reply, frame);
                if (wrong.isEmpty()
                        && !reply.id().equals(Answer.NAK.name())
                        && to.key().isPresent()) {
                    wrong = secret ? old(reply) : Optional.of("it is in the clear, and the frame was encrypted");
                }
                other = wrong.or(() -> other);
                return wrong.isEmpty() ? Optional.of(reply) : Optional.empty();
            } catch (BadFrame notAnAnswer) {
                other = Optional.of(notAnAnswer.getMessage());
                return Optional.empty();
            }
        }

        private Optional<String> old(IpFrame reply) {
            return reply.sentAt()
                    .filter(at -> Duration.between(at, clock.instant()).abs().compareTo(OLDEST) > 0)
                    .map(at -> "it is an answer of " + at + ", not of now");
        }

        Optional<String> other() {
            return other;
        }

        String problem() {
            return "what came back was no answer to this frame"
                    + other.map(why -> ": " + why).orElse("");
        }

        /// The same frame by the station's time, where that is why it was refused.
        IpFrame corrected(IpFrame refusal) {
            return refusal.sentAt()
                    .filter(theirs -> frame.sentAt().isPresent())
                    .map(frame::at)
                    .orElse(frame);
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
