package io.answerback.desktop.part;

import java.util.ArrayList;
import java.util.List;

/// Rows whose parts stand in columns.
///
/// @param columns how wide each column is; a column that is not named here is as wide as it needs
public record Grid(List<String> styles, List<Column> columns, List<Line> lines) implements Part {
    /// One line.
    ///
    /// @param key tells it apart from other lines; empty for its place among them
    /// @param spans how many columns its last part takes
    public record Line(String key, List<Part> cells, int spans) {
        public Line {
            cells = List.copyOf(cells);
        }
    }

    /// How wide a column is.
    ///
    /// @param least in pixels at 100 % text; 0 for as wide as it needs
    /// @param percent of the whole width; 0 for none
    /// @param grows whether it takes what room is left
    public record Column(double least, double percent, boolean grows) {
        /// As wide as it needs.
        public static final Column OWN = new Column(0, 0, false);
        /// All that is left.
        public static final Column REST = new Column(0, 0, true);

        /// Never less than this.
        ///
        /// @param least in pixels at 100 % text
        public static Column least(double least) {
            return new Column(least, 0, false);
        }

        /// A share of the whole width.
        public static Column share(double percent) {
            return new Column(0, percent, false);
        }
    }

    public Grid {
        styles = List.copyOf(styles);
        columns = List.copyOf(columns);
        lines = List.copyOf(lines);
    }

    /// A table that is being filled.
    public static Filling filling(String... styles) {
        return new Filling(List.of(styles));
    }

    /// Fills a table line by line.
    public static final class Filling implements Showable {
        private final List<String> styles;
        private final List<Column> columns = new ArrayList<>();
        private final List<Line> lines = new ArrayList<>();

        private Filling(List<String> styles) {
            this.styles = styles;
        }

        /// Says how wide the columns are, from the left.
        public Filling columns(Column... widths) {
            columns.addAll(List.of(widths));
            return this;
        }

        /// Adds a line.
        public Filling line(Showable... cells) {
            return line("", List.of(cells));
        }

        /// Adds a line.
        public Filling line(List<? extends Showable> cells) {
            return line("", cells);
        }

        /// Adds a line that is told apart by a key.
        public Filling line(Object key, List<? extends Showable> cells) {
            lines.add(new Line(
                    key.toString(), cells.stream().map(Showable::asPart).toList(), 1));
            return this;
        }

        /// Adds a line of one part over several columns.
        public Filling across(Showable cell, int spans) {
            lines.add(new Line("", List.of(cell.asPart()), spans));
            return this;
        }

        @Override
        public Part asPart() {
            return grid();
        }

        /// How many lines there are so far.
        public int size() {
            return lines.size();
        }

        /// The table.
        public Grid grid() {
            return new Grid(styles, columns, lines);
        }
    }
}
