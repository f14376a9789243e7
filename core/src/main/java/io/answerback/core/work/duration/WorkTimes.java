package io.answerback.core.work.duration;

import io.answerback.core.model.cable.TerminatedCore;
import io.answerback.core.model.shown.Showing;
import io.answerback.core.model.site.Measurement;
import io.answerback.core.model.site.Parts;
import java.time.Duration;
import java.time.Instant;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// How long the work of a job took, as far as its ticks say.
///
/// @param job the job's name
/// @param taken how much was done in how many minutes, kind by kind
public record WorkTimes(String job, Map<WorkKind, Taken> taken) {
    /// Longer than this between two ticks, something else came between.
    private static final Duration LONGEST_GAP = Duration.ofMinutes(10);

    private static final int FEWEST = 3;
    private static final double SECONDS_A_MINUTE = 60;

    /// Work that was timed.
    ///
    /// @param count how much was done
    /// @param minutes in how many minutes
    public record Taken(double count, double minutes) {}

    public WorkTimes {
        taken = taken.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(taken));
    }

    /// What the ticks of a job say: entries have their seconds; cores, readings and lines of a live walk have the time
    /// since the one before, where that is not longer than ten minutes. Fewer than three say nothing.
    public static WorkTimes of(Parts job) {
        Map<WorkKind, Taken> taken = new EnumMap<>(WorkKind.class);
        entries(job).ifPresent(its -> taken.put(WorkKind.ENTRY, its));
        between(job.cables().stream()
                        .flatMap(cable -> cable.installation().terminated().stream())
                        .map(TerminatedCore::at))
                .ifPresent(its -> taken.put(WorkKind.CORE, its));
        between(job.measurements().stream().map(Measurement::at))
                .ifPresent(its -> taken.put(WorkKind.LOOP_READING, its));
        between(job.acceptance().showings().stream()
                        .filter(showing -> showing.way() == Showing.Way.LIVE)
                        .map(Showing::at))
                .ifPresent(its -> taken.put(WorkKind.WALK_LINE, its));
        return new WorkTimes(job.site().name(), taken);
    }

    private static Optional<Taken> entries(Parts job) {
        List<Integer> seconds = job.setup().typed().stream()
                .map(typed -> typed.seconds())
                .filter(each -> each > 0)
                .toList();
        return seconds.size() < FEWEST
                ? Optional.empty()
                : Optional.of(new Taken(
                        seconds.size(),
                        seconds.stream().mapToInt(Integer::intValue).sum() / SECONDS_A_MINUTE));
    }

    private static Optional<Taken> between(Stream<Instant> ticks) {
        List<Instant> order = ticks.sorted().toList();
        int count = 0;
        double seconds = 0;
        for (int i = 1; i < order.size(); i++) {
            Duration gap = Duration.between(order.get(i - 1), order.get(i));
            if (!gap.isZero() && gap.compareTo(LONGEST_GAP) <= 0) {
                count++;
                seconds += gap.toMillis() / 1000.0;
            }
        }
        return count < FEWEST ? Optional.empty() : Optional.of(new Taken(count, seconds / SECONDS_A_MINUTE));
    }

    /// How long one piece of a kind took, in minutes; empty where that was not timed.
    public Optional<Double> minutesOfOne(WorkKind kind) {
        return Optional.ofNullable(taken.get(kind))
                .filter(its -> its.count() > 0)
                .map(its -> its.minutes() / its.count());
    }
}
