package io.answerback.core.survey;

import java.util.List;

/// A table of points as somebody else made it: a line of headings and rows of cells, all of them plain text.
///
/// @param headings what the columns are called there
/// @param rows the rows, in their order
public record PointTable(List<String> headings, List<Row> rows) {
    /// One row.
    ///
    /// @param line the line of the file it begins on, from 1
    /// @param cells its cells, from the left
    public record Row(int line, List<String> cells) {
        public Row {
            cells = List.copyOf(cells);
        }

        /// The cell in a column, stripped; empty when the row is too short.
        String cell(int column) {
            return column < cells.size() ? cells.get(column).strip().replaceAll("\\s+", " ") : "";
        }
    }

    public PointTable {
        headings = List.copyOf(headings);
        rows = List.copyOf(rows);
    }
}
