package io.answerback.station;

import io.answerback.core.signal.format.IpFrame;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// What an account sends too often: the same event with one new sequence after the other, as a sender does that
/// takes no answer for one, and floods of whatever it is. Knows no clock; safe to share between connections.
final class Repeats {
    private static final Duration WITHIN = Duration.ofMinutes(1);
    private static final int MOST_OF_ONE_EVENT = 5;
    private static final int MOST_OF_ACCOUNT = 60;
    private static final int MOST_COUNTED = 4096;

    private final Map<String, Count> counts = new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Count> eldest) {
            return size() > MOST_COUNTED;
        }
    };

    /// How often something came since when.
    private record Count(Instant since, int times) {
        Count again(Instant now) {
            return since.plus(WITHIN).isBefore(now) ? new Count(now, 1) : new Count(since, times + 1);
        }
    }

    /// What is too often about a frame, in plain words; none where nothing is.
    synchronized List<String> of(IpFrame frame, Instant now) {
        List<String> problems = new ArrayList<>();
        int same = counted(frame.account() + "|" + frame.data(), now);
        if (same > MOST_OF_ONE_EVENT) {
            problems.add(
                    "the same event came %d times within a minute with new sequences: the sender takes no answer, or the point chatters"
                            .formatted(same));
        }
        int all = counted(frame.account(), now);
        if (all > MOST_OF_ACCOUNT) {
            problems.add("account %s has sent %d frames within a minute: a flood".formatted(frame.account(), all));
        }
        return problems;
    }

    private int counted(String what, Instant now) {
        Count count = counts.containsKey(what) ? counts.get(what).again(now) : new Count(now, 1);
        counts.put(what, count);
        return count.times();
    }
}
