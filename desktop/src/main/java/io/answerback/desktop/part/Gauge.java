package io.answerback.desktop.part;

/// How much of something is used of what there is, as a bar.
///
/// @param says what it says in words, for screen readers
public record Gauge(double used, double of, String says) implements Part {
    /// The share of the width that is there, from 0 to 1.
    public double shareThere() {
        return Math.max(used, of) == 0 ? 1 : of / Math.max(used, of);
    }

    /// The share of the width that is used of what is there, from 0 to 1.
    public double shareUsed() {
        return Math.max(used, of) == 0 ? 0 : Math.min(used, of) / Math.max(used, of);
    }
}
