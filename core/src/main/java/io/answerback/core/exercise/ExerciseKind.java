package io.answerback.core.exercise;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/// What is learned.
public enum ExerciseKind {
    /// Reading the bands of a resistor, and giving them.
    RESISTOR("the bands of a resistor"),
    /// What a loop reads in a state.
    LOOP("what a loop reads"),
    /// Which zone an input brings.
    BUS("which zone is which input"),
    /// What is typed into a panel.
    PROGRAMMING("what is typed");

    private final String words;

    ExerciseKind(String words) {
        this.words = words;
    }

    /// What is learned, in plain words.
    public String words() {
        return words;
    }

    /// The kind of this name in lower case; empty when there is none.
    public static Optional<ExerciseKind> named(String name) {
        return Arrays.stream(values())
                .filter(kind -> kind.name().toLowerCase(Locale.ROOT).equals(name.toLowerCase(Locale.ROOT)))
                .findFirst();
    }
}
