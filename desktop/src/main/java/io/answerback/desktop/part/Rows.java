package io.answerback.desktop.part;

import java.util.List;

/// Many rows, of which only those in sight are drawn.
///
/// @param name what they are, for screen readers; it tells such lists apart
/// @param rows each row with its key
/// @param shown the number of the row that must be in sight, counted from 0; -1 for none
public record Rows(String name, List<With> rows, int shown) implements Part {
    public Rows {
        rows = List.copyOf(rows);
    }
}
