package io.answerback.core.signal.event;

import java.util.Arrays;

/// Whether an event begins, ends or goes on (SIA DC-05).
public enum Qualifier {
    /// New event, or opening: 1.
    NEW('1', "new"),
    /// Restore, or closing: 3.
    RESTORE('3', "restore"),
    /// Reported before and still present: 6.
    STILL_PRESENT('6', "still present");

    private final char digit;
    private final String words;

    Qualifier(char digit, String words) {
        this.digit = digit;
        this.words = words;
    }

    /// The digit the format sends.
    public char digit() {
        return digit;
    }

    /// The qualifier in plain words.
    public String words() {
        return words;
    }

    /// The qualifier a digit stands for.
    ///
    /// @throws IllegalArgumentException when it stands for none
    public static Qualifier of(char digit) {
        return Arrays.stream(values())
                .filter(qualifier -> qualifier.digit == digit)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "qualifier is \"" + digit + "\"; it must be 1 (new), 3 (restore) or 6 (still present)"));
    }
}
