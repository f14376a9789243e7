package io.answerback.station;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;

/// Remembers which frames were taken, so that one that is sent again is answered again and listed once. Where there are
/// too many, those of the caller with most of them go first, the oldest before the others: a flood from one address
/// does not make the station forget what others sent. Knows no clock; safe to share between connections.
final class Resends {
    private static final Duration WINDOW = Duration.ofMinutes(5);
    private static final int MOST = 4096;

    private final Map<String, Instant> seen = new HashMap<>();
    private final Map<String, Deque<String>> byCaller = new HashMap<>();

    /// Whether a frame came before, within five minutes; from whatever address, since a sender may change its path.
    ///
    /// @param frame what makes it the same when it is sent again
    synchronized boolean seenBefore(String frame, String caller, Instant now) {
        Instant before = seen.put(frame, now);
        if (before == null) {
            byCaller.computeIfAbsent(caller, any -> new ArrayDeque<>()).addLast(frame);
            if (seen.size() > MOST) {
                forgetOne();
            }
        }
        return before != null && before.plus(WINDOW).isAfter(now);
    }

    private void forgetOne() {
        Map.Entry<String, Deque<String>> most = byCaller.entrySet().stream()
                .max(Comparator.comparingInt(entry -> entry.getValue().size()))
                .orElseThrow();
        seen.remove(most.getValue().removeFirst());
        if (most.getValue().isEmpty()) {
            byCaller.remove(most.getKey());
        }
    }
}
