package io.answerback.desktop.part;

import java.util.function.Predicate;

/// A field in a column of fields: Enter takes what was typed and goes to the next field. Escape or an empty field
/// leaves the value as it was.
///
/// @param name what is typed, for screen readers
/// @param text what is known so far; empty for nothing
/// @param take takes what was typed; false when it is refused, and then it stays marked
/// @param entered what happens when the keyboard comes to it
/// @param undo takes the last edit back, where nothing is typed
public record Entry(String name, String text, Predicate<String> take, Runnable entered, Runnable undo)
        implements Part {}
