package io.answerback.core.learn.exercise;

import java.util.List;

/// How long a way took, and how long the best one takes.
///
/// @param minutes what was spent, in minutes
/// @param bestMinutes what the best way spends on the same site, in minutes
/// @param done what was done, step by step
/// @param best the best way, step by step
/// @param elsewhere what the same would look like under other conditions; none where nothing can be compared
public record Reckoning(
        double minutes, double bestMinutes, List<Line> done, List<Line> best, List<Elsewhere> elsewhere) {
    /// One step of a way.
    ///
    /// @param words what was done
    /// @param minutes what it cost, in minutes
    /// @param shows what it showed
    /// @param told what that was worth
    public record Line(String words, double minutes, String shows, String told) {}

    /// What the same fault would look like elsewhere.
    ///
    /// @param where such as another scheme
    /// @param atRest what is read at rest, and what the panel makes of it
    /// @param active the same while the device is active
    public record Elsewhere(String where, String atRest, String active) {}

    /// A way where nothing can be compared.
    public Reckoning(double minutes, double bestMinutes, List<Line> done, List<Line> best) {
        this(minutes, bestMinutes, done, best, List.of());
    }

    public Reckoning {
        elsewhere = List.copyOf(elsewhere);
        done = List.copyOf(done);
        best = List.copyOf(best);
    }

    /// How many times as long as the best way.
    public double times() {
        return bestMinutes > 0 ? minutes / bestMinutes : 1;
    }
}
