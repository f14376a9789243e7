package io.answerback.desktop.part;

import java.util.List;
import java.util.stream.Stream;

/// A row that does something: click it, or press Enter or Space on it.
///
/// @param style its style
/// @param says what it is, for screen readers
/// @param action what it does
/// @param parts what stands in it, side by side
public record Press(String style, String says, Runnable action, List<Part> parts) implements Part {
    public Press {
        parts = List.copyOf(parts);
    }

    /// A row as findings have it.
    public static Press of(String says, Runnable action, Showable... parts) {
        return new Press(
                "finding", says, action, Stream.of(parts).map(Showable::asPart).toList());
    }
}
