package io.answerback.station;

import java.time.Duration;
import java.util.HashMap;
import java.util.Map;

/// How fast frames are taken from those who do not wait for their answers. A communicator sends a frame,
/// waits, and sends the next: it is never held up. Whoever sends on without waiting gets so many frames at
/// once and so many a second for all connections of one address together; the rest stays in the network, so
/// that others are heard.
final class Pace {
    private static final int MOST_ADDRESSES = 10_000;

    private final long eachNanos;
    private final long aheadNanos;
    private final Map<String, Long> nextNanos = new HashMap<>();

    /// @param aSecond how many frames of one address are taken a second, 1 or more
    /// @param atOnce how many may come at once before that
    Pace(int aSecond, int atOnce) {
        this.eachNanos = Duration.ofSeconds(1).toNanos() / aSecond;
        this.aheadNanos = eachNanos * atOnce;
    }

    /// How long the frame that comes now has to wait, in nanoseconds; 0 where it need not.
    ///
    /// @param nowNanos a clock that never goes back, in nanoseconds
    synchronized long waits(String address, long nowNanos) {
        if (nextNanos.size() >= MOST_ADDRESSES) {
            nextNanos.values().removeIf(next -> next <= nowNanos);
        }
        long next = Math.max(nextNanos.getOrDefault(address, Long.MIN_VALUE), nowNanos - aheadNanos);
        nextNanos.put(address, next + eachNanos);
        return Math.max(0, next - nowNanos);
    }

    /// Whether a frame may be taken now; one that may not counts for nothing.
    synchronized boolean takes(String address, long nowNanos) {
        long next = Math.max(nextNanos.getOrDefault(address, Long.MIN_VALUE), nowNanos - aheadNanos);
        if (next > nowNanos) {
            return false;
        }
        waits(address, nowNanos);
        return true;
    }
}
