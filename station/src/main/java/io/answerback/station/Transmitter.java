package io.answerback.station;

import io.answerback.report.Answer;
import io.answerback.report.BadFrame;
import io.answerback.report.IpFrame;
import io.answerback.report.IpFrames;
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

/// Sends a frame over TCP and waits for its answer; sends the very same frame again when none comes in time.
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
        int made = 0;
        while (made < attempts && !Thread.currentThread().isInterrupted()) {
            made++;
            try {
                Optional<Answer> answer = once(host, port, frame);
                if (answer.isPresent()) {
                    return delivery(answer, started, made, problem(answer.get()));
                }
                problem = "what came back was no answer to this frame";
            } catch (UnknownHostException unknown) {
                return delivery(Optional.empty(), started, made, "there is no host called " + host);
            } catch (IOException failed) {
                problem = explained(failed, host, port);
            }
        }
        return delivery(Optional.empty(), started, made, problem.isEmpty() ? "stopped" : problem);
    }

    private Delivery delivery(Optional<Answer> answer, long started, int made, String problem) {
        return new Delivery(answer, clock.instant(), (System.nanoTime() - started) / 1_000_000, made, problem);
    }

    private Optional<Answer> once(String host, int port, IpFrame frame) throws IOException {
        try (Socket socket = new Socket()) {
            InetSocketAddress address = new InetSocketAddress(host, port);
            if (address.isUnresolved()) {
                throw new UnknownHostException(host);
            }
            int millis = (int) Math.min(Integer.MAX_VALUE, timeout.toMillis());
            socket.connect(address, millis);
            socket.setSoTimeout(millis);
            socket.setTcpNoDelay(true);
            socket.getOutputStream().write(IpFrames.encode(frame).getBytes(StandardCharsets.ISO_8859_1));
            var reader =
                    new FrameReader(new BufferedInputStream(socket.getInputStream()), LONGEST_ANSWER_BYTES, timeout);
            return reader.next().flatMap(text -> read(text, frame));
        }
    }

    private static Optional<Answer> read(String text, IpFrame sent) {
        try {
            return Answer.read(IpFrames.decode(text), sent);
        } catch (BadFrame notAnAnswer) {
            return Optional.empty();
        }
    }

    private static String problem(Answer answer) {
        return switch (answer) {
            case ACK -> "";
            case NAK -> "the station refused it (NAK): check the time and the frame";
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
