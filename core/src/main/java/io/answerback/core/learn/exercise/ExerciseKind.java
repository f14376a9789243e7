package io.answerback.core.learn.exercise;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/// What is learned.
public enum ExerciseKind {
    /// Reading the bands of a resistor, and giving them.
    RESISTOR("Resistors", "the bands of a resistor"),
    /// What a loop reads in a state, and which states look the same.
    LOOP("Loops", "what a loop reads"),
    /// Finding a hidden fault in as few minutes as possible.
    FAULT("Find the fault", "what is wrong, in few minutes"),
    /// Landing cores, a tamper ring, polarity.
    WIRING("Wiring", "which core goes where"),
    /// Batteries, voltage drop, remedies.
    POWER("Power", "whether the supply lasts"),
    /// Which zone an input brings, and free addresses.
    BUS("Bus", "which zone is which input"),
    /// What is typed into a panel.
    PROGRAMMING("Programming", "what is typed"),
    /// What a receiver prints, calls on the line, check digits.
    LINE("The line", "what goes over the line"),
    /// What a panel does.
    SETTING("Setting", "what the panel does"),
    /// A whole small job with three things wrong.
    COMMISSIONING("Commissioning", "what is wrong on a whole small job");

    private final String title;
    private final String words;

    ExerciseKind(String title, String words) {
        this.title = title;
        this.words = words;
    }

    /// Its name on screen.
    public String title() {
        return title;
    }

    /// What is learned, in plain words.
    public String words() {
        return words;
    }

    /// Its number in seeds. It never changes, so that a seed printed on paper still makes the same exercise when
    /// kinds are added.
    public int seedNumber() {
        return switch (this) {
            case RESISTOR -> 0;
            case LOOP -> 1;
            case FAULT -> 2;
            case WIRING -> 3;
            case POWER -> 4;
            case BUS -> 5;
            case PROGRAMMING -> 6;
            case LINE -> 7;
            case SETTING -> 8;
            case COMMISSIONING -> 9;
        };
    }

    /// Its name in commands and files.
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /// The kind of this name; empty when there is none.
    public static Optional<ExerciseKind> named(String name) {
        return Arrays.stream(values())
                .filter(kind -> kind.id().equals(name.toLowerCase(Locale.ROOT)))
                .findFirst();
    }

    /// All names in commands, in a row.
    public static String ids() {
        return Arrays.stream(values()).map(ExerciseKind::id).collect(Collectors.joining(", "));
    }
}
