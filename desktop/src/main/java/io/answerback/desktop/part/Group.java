package io.answerback.desktop.part;

import java.util.List;
import java.util.stream.Stream;

/// Parts that stand together.
///
/// @param layout how they stand
/// @param tileWidth how wide each is where they are tiles, in pixels at 100 % text
public record Group(Layout layout, List<String> styles, List<Part> parts, double tileWidth) implements Part {
    /// How parts stand.
    public enum Layout {
        /// Side by side on one line.
        ROW,
        /// One below the other.
        COLUMN,
        /// Side by side on as many lines as they need.
        FLOW,
        /// Side by side, each as wide as the others.
        TILES,
        /// In as many columns as there is room for, each part below the column that is shortest.
        COLUMNS
    }

    public Group {
        styles = List.copyOf(styles);
        parts = List.copyOf(parts);
    }

    /// Parts in a layout.
    public static Group of(Layout layout, List<? extends Showable> parts) {
        return new Group(layout, List.of(), parts(parts), 0);
    }

    /// Side by side on one line.
    public static Group row(Showable... parts) {
        return of(Layout.ROW, List.of(parts));
    }

    /// One below the other.
    public static Group column(Showable... parts) {
        return of(Layout.COLUMN, List.of(parts));
    }

    /// One below the other.
    public static Group column(List<? extends Showable> parts) {
        return of(Layout.COLUMN, parts);
    }

    /// Side by side on as many lines as they need.
    public static Group flow(Showable... parts) {
        return of(Layout.FLOW, List.of(parts));
    }

    /// Side by side on as many lines as they need.
    public static Group flow(List<? extends Showable> parts) {
        return of(Layout.FLOW, parts);
    }

    /// Side by side, each as wide as the others.
    ///
    /// @param width in pixels at 100 % text
    public static Group tiles(double width, List<? extends Showable> parts) {
        return new Group(Layout.TILES, List.of(), parts(parts), width);
    }

    /// An empty place, which may take what room is left.
    public static Group space() {
        return row();
    }

    /// The same parts in more styles.
    public Group style(String... more) {
        List<String> all = Stream.concat(styles.stream(), Stream.of(more)).toList();
        return new Group(layout, all, parts, tileWidth);
    }

    /// The same with more parts behind.
    public Group and(Showable... more) {
        return and(List.of(more));
    }

    /// The same with more parts behind.
    public Group and(List<? extends Showable> more) {
        return new Group(
                layout,
                styles,
                Stream.concat(parts.stream(), parts(more).stream()).toList(),
                tileWidth);
    }

    private static List<Part> parts(List<? extends Showable> shown) {
        return shown.stream().map(Showable::asPart).toList();
    }
}
