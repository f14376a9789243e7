package io.answerback.station;

import java.io.IOException;
import java.io.InputStream;
import java.time.Duration;
import java.util.Optional;

/// Reads frames from a stream, each from LF to CR, never more than a bounded number of bytes or for longer
/// than a bounded time.
final class FrameReader {
    private static final int END_OF_STREAM = -1;

    private final InputStream in;
    private final int longestBytes;
    private final Duration longestTime;
    private final byte[] bytes = new byte[1024];
    private int next;
    private int end;
    private long cameAtNanos;
    private boolean begun;

    FrameReader(InputStream in, int longestBytes, Duration longestTime) {
        this.in = in;
        this.longestBytes = longestBytes;
        this.longestTime = longestTime;
    }

    /// A frame did not end in time or grew too long.
    static final class OutOfBounds extends IOException {
        private static final long serialVersionUID = 1L;

        OutOfBounds(String message) {
            super(message);
        }
    }

    /// The next frame with its CR, one character a byte; what came without a CR before the next LF or before
    /// the stream ended, so that a torn frame costs itself only; or empty at the end of the stream.
    ///
    /// @throws OutOfBounds when it is longer or slower than allowed
    Optional<String> next() throws IOException {
        StringBuilder text = new StringBuilder(begun ? "\n" : "");
        begun = false;
        long started = cameAtNanos;
        for (int read = read(); read != END_OF_STREAM; read = read()) {
            started = text.isEmpty() ? cameAtNanos : started;
            if (read == '\n' && !text.isEmpty()) {
                begun = true;
                return Optional.of(text.toString());
            }
            text.append((char) read);
            if (read == '\r') {
                return Optional.of(text.toString());
            }
            if (text.length() >= longestBytes) {
                throw new OutOfBounds("more than " + longestBytes + " bytes without an end; the connection is closed");
            }
            if (cameAtNanos - started > longestTime.toNanos()) {
                throw new OutOfBounds("no end after " + longestTime.toSeconds() + " s; the connection is closed");
            }
        }
        return text.isEmpty() ? Optional.empty() : Optional.of(text.toString());
    }

    /// Whether more has come already: its sender did not wait for an answer.
    boolean more() throws IOException {
        return next < end || in.available() > 0;
    }

    private int read() throws IOException {
        if (next == end) {
            next = 0;
            end = Math.max(0, in.read(bytes));
            cameAtNanos = System.nanoTime();
        }
        return next == end ? END_OF_STREAM : bytes[next++] & 0xFF;
    }
}
