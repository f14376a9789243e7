package io.answerback.core.engine.finding;

/// How a link, a point or a stop stands. Shape and word say it before any colour does.
public enum Mark {
    /// Nothing has been done yet.
    NOT_DONE("not done"),
    /// Computed and sound.
    SOUND("sound"),
    /// Sound, but nearer to an edge than the rules allow.
    TIGHT("tight"),
    /// Wrong: the signal is lost or misread here.
    WRONG("wrong"),
    /// Proven by an answer.
    PROVEN("proven"),
    /// Was proven; something upstream has changed.
    STALE("stale");

    private final String word;

    Mark(String word) {
        this.word = word;
    }

    /// The mark in a word or two.
    public String word() {
        return word;
    }
}
