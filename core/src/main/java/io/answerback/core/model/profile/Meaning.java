package io.answerback.core.model.profile;

/// What a panel takes a loop's resistance to mean.
public enum Meaning {
    /// The point is at rest and the loop is whole.
    NORMAL("normal"),
    /// The point is active: a door is open, a detector has seen something.
    ALARM("alarm"),
    /// Somebody is at the cover or the cable.
    TAMPER("tamper"),
    /// The detector or the loop itself needs attention.
    FAULT("fault"),
    /// Somebody blinds the detector.
    MASKED("masked"),
    /// The point of the second zone that shares the input is active, the first is at rest.
    SECOND_ZONE("second zone"),
    /// Both points that share the input are active.
    BOTH_ZONES("both zones");

    private final String word;

    Meaning(String word) {
        this.word = word;
    }

    /// The meaning in a plain lower-case word or two.
    public String word() {
        return word;
    }

    /// What it means to one of two zones that share an input: alarm where that zone's point is active, normal
    /// where only the other's is.
    ///
    /// @param second whether it is the second of the two zones
    public Meaning toZone(boolean second) {
        return switch (this) {
            case ALARM -> second ? NORMAL : ALARM;
            case SECOND_ZONE -> second ? ALARM : NORMAL;
            case BOTH_ZONES -> ALARM;
            case NORMAL, TAMPER, FAULT, MASKED -> this;
        };
    }
}
