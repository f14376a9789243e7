package io.answerback.desktop.part;

import java.util.function.Consumer;

/// A field for what is not shown while it is typed.
///
/// @param name what is typed, for screen readers; it tells such fields apart
/// @param letters how many letters it is wide
/// @param taken takes what is typed so far, after each letter, and wipes it
/// @param done what Enter does in it
/// @param emptied how often it was emptied; when it has grown, it is emptied again
public record Secret(String name, int letters, Consumer<char[]> taken, Runnable done, int emptied) implements Part {
    private static final int DIGITS = 6;

    /// A field for a few digits, in which Enter does nothing.
    public static Secret digits(String name, Consumer<char[]> taken, int emptied) {
        return new Secret(name, DIGITS, taken, () -> {}, emptied);
    }
}
