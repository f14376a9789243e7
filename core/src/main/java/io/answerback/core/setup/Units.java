package io.answerback.core.setup;

import java.util.Map;
import java.util.Optional;

/// The units panels count in, in seconds each; alarms are counted in times, which are no time.
final class Units {
    private static final Map<String, Double> SECONDS =
            Map.of("ms", 0.001, "s", 1.0, "min", 60.0, "h", 3600.0, "days", 86_400.0);

    private Units() {}

    /// How many of one unit another is; empty where one of them is none, or they do not measure the same.
    static Optional<Double> factor(String from, String to) {
        if (from.equals(to)) {
            return SECONDS.containsKey(from) || from.equals("times") ? Optional.of(1.0) : Optional.empty();
        }
        return Optional.ofNullable(SECONDS.get(from))
                .flatMap(one -> Optional.ofNullable(SECONDS.get(to)).map(other -> one / other));
    }
}
