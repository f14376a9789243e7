package io.answerback.core.work.duration;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/// The rates of a firm, one a kind of work.
///
/// @param rates each kind's rate; a kind that is missing has its working value
public record Rates(Map<WorkKind, Rate> rates) {
    /// Working values only.
    public static final Rates USUAL = new Rates(Map.of());

    public Rates {
        rates = rates.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(rates));
    }

    /// The rates of a firm from what its jobs took.
    ///
    /// @param jobs what was measured on each
    public static Rates corrected(List<WorkTimes> jobs) {
        Map<WorkKind, Rate> rates = new EnumMap<>(WorkKind.class);
        for (WorkKind kind : WorkKind.values()) {
            List<Double> measured = jobs.stream()
                    .flatMap(job -> job.minutesOfOne(kind).stream())
                    .toList();
            if (!measured.isEmpty()) {
                rates.put(kind, Rate.corrected(kind, measured));
            }
        }
        return new Rates(rates);
    }

    /// The rate of a kind of work.
    public Rate of(WorkKind kind) {
        return rates.getOrDefault(kind, Rate.usual(kind));
    }
}
