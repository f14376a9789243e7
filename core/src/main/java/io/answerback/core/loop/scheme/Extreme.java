package io.answerback.core.loop.scheme;

/// Which end of every tolerance a loop is computed at.
public enum Extreme {
    /// Every part at its least resistance.
    LOW,
    /// Every part at its marked value, cable at 20 °C or the nearest it gets.
    NOMINAL,
    /// Every part at its greatest resistance.
    HIGH
}
