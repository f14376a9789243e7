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
        long started = System.nanoTime();
        for (int next = in.read(); next != END_OF_STREAM; next = in.read()) {
            started = text.isEmpty() ? System.nanoTime() : started;
            if (next == '\n' && !text.isEmpty()) {
                begun = true;
                return Optional.of(text.toString());
            }
            text.append((char) next);
            if (next == '\r') {
                return Optional.of(text.toString());
            }
            if (text.length() >= longestBytes) {
                throw new OutOfBounds("more than " + longestBytes + " bytes without an end; the connection is closed");
            }
            if (System.nanoTime() - started > longestTime.toNanos()) {
                throw new OutOfBounds("no end after " + longestTime.toSeconds() + " s; the connection is closed");
            }
        }
        return text.isEmpty() ? Optional.empty() : Optional.of(text.toString());
    }
}
