package io.answerback.core.model.profile;

/// What is fitted across an input that no point uses.
public enum UnusedTermination {
    /// Nothing: the input is open.
    NOTHING("nothing"),
    /// A wire link.
    LINK("a link"),
    /// The scheme's end-of-line resistor.
    RESISTOR("the end-of-line resistor");

    private final String words;

    UnusedTermination(String words) {
        this.words = words;
    }

    /// What is fitted, as it reads in a sentence.
    public String words() {
        return words;
    }
}
