package io.answerback.desktop.part;

/// Which middle of a thing stands at the place it is put.
public enum Across {
    /// The left middle.
    LEFT(0),
    /// The middle.
    CENTER(0.5),
    /// The right middle.
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
