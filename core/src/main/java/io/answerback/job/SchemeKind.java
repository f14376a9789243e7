package io.answerback.job;

/// How contacts and resistors make one supervised loop.
public enum SchemeKind {
    /// Contacts in series, no resistor: the panel sees only closed or open.
    CLOSED_LOOP("closed loop"),
    /// One resistor at the end of the line, in series with a normally-closed contact.
    SINGLE_END_OF_LINE("single end-of-line"),
    /// A resistor in series and a second one across the alarm contact, with the cover contact in series.
    DOUBLE_END_OF_LINE("double end-of-line");

    private final String words;

    SchemeKind(String words) {
        this.words = words;
    }

    /// The scheme's name in plain words.
    public String words() {
        return words;
    }
}
