package io.answerback.job;

/// How contacts and resistors make one supervised loop.
public enum SchemeKind {
    /// Contacts in series, no resistor: the panel sees only closed or open.
    CLOSED_LOOP("closed loop", false),
    /// A normally-open contact, no resistor: a cut looks normal.
    NORMALLY_OPEN("normally-open loop", false),
    /// One resistor at the end of the line, in series with a normally-closed contact.
    SINGLE_END_OF_LINE("single end-of-line", true),
    /// One resistor at the end of the line with a normally-open contact across it.
    END_OF_LINE_ACROSS("end-of-line, contact across it", true),
    /// A resistor in series and a second one across the alarm contact, with the cover contact in series.
    DOUBLE_END_OF_LINE("double end-of-line", true);

    private final String words;
    private final boolean endOfLine;

    SchemeKind(String words, boolean endOfLine) {
        this.words = words;
        this.endOfLine = endOfLine;
    }

    /// Whether it has an end-of-line resistor.
    public boolean hasEndOfLine() {
        return endOfLine;
    }

    /// The scheme's name in plain words.
    public String words() {
        return words;
    }
}
