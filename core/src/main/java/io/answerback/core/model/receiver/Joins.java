package io.answerback.core.model.receiver;

/// Whether a receiver joins the two pairs of rounds of an extended pulse report into one line.
public enum Joins {
    /// Never: it prints a line for each pair.
    NEVER("never joined"),
    /// Only when the event's digit is a letter B to F; a numeral could be an account.
    LETTERS("joined when the event is a letter"),
    /// Always.
    ALWAYS("always joined");

    private final String words;

    Joins(String words) {
        this.words = words;
    }

    /// What it does, in plain words.
    public String words() {
        return words;
    }

    /// Whether the pairs of a report with this event digit are joined.
    public boolean joins(char eventDigit) {
        return this == ALWAYS || this == LETTERS && eventDigit >= 'A' && eventDigit <= 'F';
    }
}
