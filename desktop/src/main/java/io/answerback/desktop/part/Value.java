package io.answerback.desktop.part;

import java.util.function.Predicate;

/// A value that is edited where it stands.
///
/// @param name what it is, such as "Cable length"; it tells values apart
/// @param text the value as it is shown
/// @param wraps whether it is broken into as many lines as it needs
/// @param take takes what was typed; false when it is refused, and then the field stays open
public record Value(String name, String text, boolean wraps, Predicate<String> take) implements Part {
    /// A value on one line.
    public static Value of(String name, String text, Predicate<String> take) {
        return new Value(name, text, false, take);
    }

    /// The same value on as many lines as it needs.
    public Value wrapped() {
        return new Value(name, text, true, take);
    }
}
