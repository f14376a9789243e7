package io.answerback.desktop.part;

/// Which point of a thing lies at its place.
public enum Across {
    /// The middle of its left side.
    LEFT(0),
    /// Its middle.
    CENTER(0.5),
    /// The middle of its right side.
    RIGHT(1);

    private final double share;

    Across(double share) {
        this.share = share;
    }

    /// How much of its width lies left of the place.
    public double share() {
        return share;
    }
}
