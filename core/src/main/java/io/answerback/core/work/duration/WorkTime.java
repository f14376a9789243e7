package io.answerback.core.work.duration;

import io.answerback.core.engine.finding.Stop;
import java.util.Arrays;
import java.util.List;

/// How long something takes, with its spread.
///
/// @param minutes the middle, in minutes
/// @param spread a standard deviation, in minutes
public record WorkTime(double minutes, double spread) {
    /// Nothing to do.
    public static final WorkTime NONE = new WorkTime(0, 0);

    /// In four of five cases it is within so many standard deviations.
    private static final double FOUR_OF_FIVE = 1.2816;

    /// The work of a stop.
    ///
    /// @param stop the stop
    /// @param all all of it
    /// @param left what is still to be done
    public record OfStop(Stop stop, WorkTime all, WorkTime left) {}

    /// One after the other: minutes add up, and so do the squares of what is independent.
    public WorkTime and(WorkTime other) {
        return new WorkTime(minutes + other.minutes, Math.hypot(spread, other.spread));
    }

    /// Which it is at least, in four of five cases, in minutes.
    public double least() {
        return Math.max(0, minutes - FOUR_OF_FIVE * spread);
    }

    /// Which it is at most, in four of five cases, in minutes.
    public double most() {
        return minutes + FOUR_OF_FIVE * spread;
    }

    /// How long a count takes by the rates of a firm. On one job a rate is off the same way for every piece.
    static WorkTime of(double count, Rate rate) {
        return new WorkTime(count * rate.minutes(), count * rate.spread());
    }

    /// The work of every stop that has any.
    public static List<OfStop> byStop(List<WorkCount> counts, Rates rates) {
        return Arrays.stream(Stop.values())
                .map(stop -> new OfStop(stop, sum(counts, rates, stop, true), sum(counts, rates, stop, false)))
                .filter(work -> work.all().minutes() > 0)
                .toList();
    }

    private static WorkTime sum(List<WorkCount> counts, Rates rates, Stop stop, boolean all) {
        return counts.stream()
                .filter(count -> count.kind().stop() == stop)
                .map(count -> of(all ? count.all() : count.left(), rates.of(count.kind())))
                .reduce(NONE, WorkTime::and);
    }

    /// All work of a job.
    ///
    /// @param left only what is still to be done
    public static WorkTime total(List<WorkCount> counts, Rates rates, boolean left) {
        return counts.stream()
                .map(count -> of(left ? count.left() : count.all(), rates.of(count.kind())))
                .reduce(NONE, WorkTime::and);
    }
}
