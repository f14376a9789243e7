package io.answerback.core.work.duration;

import io.answerback.core.model.common.Require;
import java.util.List;

/// How long one piece of a kind of work takes in a firm.
///
/// @param minutes the middle, in minutes
/// @param spread how far jobs differ in it, as a standard deviation in minutes
/// @param jobs on how many jobs it was measured; 0 for the working value
public record Rate(double minutes, double spread, int jobs) {
    private static final double MOST = 10_000;

    /// How many jobs the working value counts for: what a firm measured outweighs it from the third job on.
    private static final double USUAL_WEIGHT = 2;

    /// @throws IllegalArgumentException when a figure is out of bounds
    public Rate {
        Require.within(minutes, 0, MOST, "minutes of a rate");
        Require.within(spread, 0, MOST, "spread of a rate in minutes");
        Require.within(jobs, 0, 1_000_000, "jobs on which a rate was measured");
    }

    /// The working value of a kind of work.
    public static Rate usual(WorkKind kind) {
        return new Rate(kind.usualMinutes(), kind.usualSpread(), 0);
    }

    /// The rate of a firm that measured a kind of work: the mean of its jobs and of the working value, which counts as
    /// two jobs; the spread likewise (the mean of a normal distribution with a conjugate prior).
    ///
    /// @param measured minutes for one piece, job by job
    public static Rate corrected(WorkKind kind, List<Double> measured) {
        double weight = USUAL_WEIGHT + measured.size();
        double mean = (USUAL_WEIGHT * kind.usualMinutes()
                        + measured.stream().mapToDouble(Double::doubleValue).sum())
                / weight;
        double squares = USUAL_WEIGHT * kind.usualSpread() * kind.usualSpread()
                + measured.stream()
                        .mapToDouble(each -> (each - mean) * (each - mean))
                        .sum();
        return new Rate(mean, Math.sqrt(squares / weight), measured.size());
    }
}
