package io.answerback.station;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// Which accounts were heard and have been silent for too long. Knows no clock; safe to share between
/// connections.
final class Supervision {
    private static final int MOST_ACCOUNTS = 10_000;

    private final Duration longest;
    private final Map<String, Instant> heard = new LinkedHashMap<>();
    private final Map<String, Instant> silent = new LinkedHashMap<>();

    /// @param longest how long an account may be silent; zero for as long as it likes
    Supervision(Duration longest) {
        this.longest = longest;
    }

    /// A frame of an account was acknowledged.
    synchronized void heard(String account, Instant at) {
        if (longest.isZero() || account.isEmpty()) {
            return;
        }
        if (heard.containsKey(account) || heard.size() < MOST_ACCOUNTS) {
            heard.put(account, at);
        }
    }

    /// What has changed since it was asked last: accounts that have become silent, and accounts that were and are
    /// heard again, in plain words.
    synchronized List<String> changes(Instant now) {
        List<String> changes = new ArrayList<>();
        heard.forEach((account, last) -> {
            boolean tooLong = Duration.between(last, now).compareTo(longest) > 0;
            if (tooLong && silent.putIfAbsent(account, last) == null) {
                changes.add("account %s has been silent for more than %s".formatted(account, words(longest)));
            } else if (!tooLong && silent.containsKey(account)) {
                Duration lasted = Duration.between(silent.remove(account), last);
                changes.add("account %s is heard again after %s".formatted(account, words(lasted)));
            }
        });
        return changes;
    }

    private static String words(Duration time) {
        return time.toSeconds() < 120 ? time.toSeconds() + " s" : time.toMinutes() + " min";
    }
}
