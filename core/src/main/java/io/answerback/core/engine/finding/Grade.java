package io.answerback.core.engine.finding;

/// How much a finding matters.
public enum Grade {
    /// Worth knowing; nothing fails.
    NOTE("note"),
    /// Works now, with less to spare than the rules allow.
    TIGHT("tight"),
    /// An alarm would be lost or misread.
    WRONG("wrong");

    private final String word;

    Grade(String word) {
        this.word = word;
    }

    /// The grade as one word, as commands print it.
    public String word() {
        return word;
    }
}
