package io.answerback.desktop.part;

import java.util.List;

/// One of many things that can be looked at, or picked together: a click looks at it, a click with Ctrl picks it
/// beside the others, with Shift all up to it.
///
/// @param says what it is, for screen readers
/// @param hint what it is, on hover
/// @param picked whether it is among those that are picked
/// @param parts what stands on it, side by side
public record Tile(
        String says, String hint, boolean picked, Runnable look, Runnable pick, Runnable pickUpTo, List<Part> parts)
        implements Part {
    public Tile {
        parts = List.copyOf(parts);
    }

    /// Whether another tile shows the same, whatever it does.
    public boolean shows(Tile other) {
        return picked == other.picked
                && says.equals(other.says)
                && hint.equals(other.hint)
                && parts.equals(other.parts);
    }
}
