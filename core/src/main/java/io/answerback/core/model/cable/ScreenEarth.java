package io.answerback.core.model.cable;

/// At which ends of a cable its screen, or the drain wire with it, goes to earth.
public enum ScreenEarth {
    /// At its near end alone.
    NEAR("at the near end", 1),
    /// At its far end alone.
    FAR("at the far end", 1),
    /// At both.
    BOTH("at both ends", 2),
    /// At none: cut back and insulated, or joined to the screen of the next cable.
    NEITHER("at no end", 0);

    private final String words;
    private final int earths;

    ScreenEarth(String words, int earths) {
        this.words = words;
        this.earths = earths;
    }

    /// Where, as it reads in a sentence.
    public String words() {
        return words;
    }

    /// How many times it goes to earth.
    public int earths() {
        return earths;
    }

    /// Whether it goes to earth at an end.
    public boolean at(CableEnd end) {
        return this == BOTH || this == (end == CableEnd.NEAR ? NEAR : FAR);
    }
}
