package io.answerback.job;

/// What a panel takes a loop's resistance to mean.
public enum Meaning {
    /// The point is at rest and the loop is whole.
    NORMAL("normal"),
    /// The point is active: a door is open, a detector has seen something.
    ALARM("alarm"),
    /// Somebody is at the cover or the cable.
    TAMPER("tamper"),
    /// The detector or the loop itself needs attention.
    FAULT("fault");

    private final String word;

    Meaning(String word) {
        this.word = word;
    }

    /// The meaning as one plain lower-case word.
    public String word() {
        return word;
    }
}
