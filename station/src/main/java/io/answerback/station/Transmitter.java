package io.answerback.station;

import io.answerback.core.report.Answer;
import io.answerback.core.report.BadFrame;
import io.answerback.core.report.IpFrame;
import io.answerback.core.report.IpFrames;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.net.ConnectException;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.InstantSource;
import java.util.Optional;

/// Sends a frame over TCP and waits for its answer; sends the very same frame again when none comes in time, or
/// when it is refused (NAK). A DUH is final: the same frame would not be understood the next time either.
///
/// @param attempts tries before giving up, 1 or more
/// @param timeout how long one try waits
/// @param clock tells when an answer came
public record Transmitter(int attempts, Duration timeout, InstantSource clock) {
    private static final int LONGEST_ANSWER_BYTES = 1024;

    /// Sends one frame. Blocks until it is answered or given up; call it off the interface's thread.
    /// Interrupting the thread ends it after the try that is under way.
    public Delivery send(String host, int port, IpFrame frame) {
        long started = System.nanoTime();
        String problem = "";
        Optional<Answer> last = Optional.empty();
        int made = 0;
        while (made < attempts && !Thread.currentThread().isInterrupted()) {
            made++;
            try {
                Optional<IpFrame> reply = once(host, port, frame);
                if (reply.isEmpty()) {
                    problem = "what came back was no answer to this frame";
                } else {
                    Answer answer = Answer.read(reply.get(), frame).orElseThrow();
                    problem = problem(answer, reply.get());
                    last = Optional.of(answer);
                    if (answer != Answer.NAK) {
                        return delivery(last, started, made, problem);
                    }
                }
            } catch (UnknownHostException unknown) {
                return delivery(Optional.empty(), started, made, "there is no host called " + host);
            } catch (IOException failed) {
                problem = explained(failed, host, port);
            }
        }
        return delivery(last, started, made, problem.isEmpty() ? "stopped" : problem);
    }

    private Delivery delivery(Optional<Answer> answer, long started, int made, String problem) {
        return new Delivery(answer, clock.instant(), (System.nanoTime() - started) / 1_000_000, made, problem);
    }

    private Optional<IpFrame> once(String host, int port, IpFrame frame) throws IOException {
        try (Socket socket = new Socket()) {
            InetSocketAddress address = new InetSocketAddress(host, port);
            if (address.isUnresolved()) {
                throw new UnknownHostException(host);
            }
            long deadline = System.nanoTime() + timeout.toNanos();
            socket.connect(address, millis(deadline));
            socket.setTcpNoDelay(true);
            socket.getOutputStream().write(IpFrames.encode(frame).getBytes(StandardCharsets.ISO_8859_1));
            return answer(socket, frame, deadline);
        }
    }

    /// What does not answer this frame, such as the late answer to another, is passed over while the right
    /// answer may still come.
    private Optional<IpFrame> answer(Socket socket, IpFrame frame, long deadline) throws IOException {
        var reader = new FrameReader(new BufferedInputStream(socket.getInputStream()), LONGEST_ANSWER_BYTES, timeout);
        while (System.nanoTime() < deadline) {
            socket.setSoTimeout(millis(deadline));
            Optional<String> text = reader.next();
            if (text.isEmpty()) {
                return Optional.empty();
            }
            Optional<IpFrame> reply =
                    read(text.get()).filter(its -> Answer.read(its, frame).isPresent());
            if (reply.isPresent()) {
                return reply;
            }
        }
        throw new SocketTimeoutException();
    }

    private static int millis(long deadline) {
        return Math.clamp((deadline - System.nanoTime()) / 1_000_000, 1, Integer.MAX_VALUE);
    }

    private static Optional<IpFrame> read(String text) {
        try {
            return Optional.of(IpFrames.decode(text));
        } catch (BadFrame notAnAnswer) {
            return Optional.empty();
        }
    }

    private static String problem(Answer answer, IpFrame reply) {
        return switch (answer) {
            case ACK -> "";
            case NAK ->
                "the station refused it (NAK)%s: check the time and the frame"
                        .formatted(reply.sentAt()
                                .map(" and gives its own time as %s"::formatted)
                                .orElse(""));
            case DUH -> "the station did not understand it (DUH)";
        };
    }

    private static String explained(IOException failed, String host, int port) {
        return switch (failed) {
            case ConnectException refused -> "nobody listens at " + host + " port " + port;
            case SocketTimeoutException silent -> "no answer in time";
            default -> "the connection broke: " + failed.getMessage();
        };
    }
}
