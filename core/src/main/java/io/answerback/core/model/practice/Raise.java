package io.answerback.core.model.practice;

/// How much a firm makes a finding weigh at least. A firm can make a finding heavier than its rule does, never
/// lighter.
public enum Raise {
    /// It wants attention before the site is left.
    TIGHT("tight"),
    /// It must not stay.
    WRONG("wrong");

    private final String words;

    Raise(String words) {
        this.words = words;
    }

    /// The weight as it reads in a sentence.
    public String words() {
        return words;
    }
}
