package io.answerback.desktop.part;

import java.util.List;
import java.util.Optional;

/// One thing to do, in large letters, with keys of its own while it has the keyboard.
///
/// @param whole whether it has the whole window, to be read from a distance
/// @param says what it says, for screen readers
/// @param parts what stands on it, from top to bottom
/// @param called how often it was to get the keyboard; when it has grown, it gets it again
public record Card(boolean whole, String says, List<Part> parts, Keys keys, int called) implements Part {
    /// What its keys do.
    ///
    /// @param done what Enter does
    /// @param later what Down does; empty where nothing can be left for later
    /// @param takeBack what Backspace does
    /// @param leave what Escape does while it has the whole window; empty where it never has it
    public record Keys(Runnable done, Optional<Runnable> later, Runnable takeBack, Optional<Runnable> leave) {}

    public Card {
        parts = List.copyOf(parts);
    }
}
