package io.answerback.core.paper;

/// Something on a page. Places are in millimetres from its upper left corner.
public sealed interface PaperElement {
    /// Words on one line.
    ///
    /// @param x where they begin
    /// @param baseline how far down their baseline is
    /// @param size the height of their letters' body, in millimetres
    /// @param strong whether they stand out
    /// @param words the words
    record Text(double x, double baseline, double size, boolean strong, String words) implements PaperElement {}

    /// A straight line, in millimetres from the upper left corner.
    ///
    /// @param x1 where it begins, from the left
    /// @param y1 where it begins, from the top
    /// @param x2 where it ends, from the left
    /// @param y2 where it ends, from the top
    /// @param width its width
    record Rule(double x1, double y1, double x2, double y2, double width) implements PaperElement {}

    /// A rectangle, outlined or filled, in millimetres from the upper left corner.
    ///
    /// @param x its left edge
    /// @param y its upper edge
    /// @param width its width
    /// @param height its height
    /// @param colour what it is filled with, as six hexadecimal digits; empty for an outline
    record Box(double x, double y, double width, double height, String colour) implements PaperElement {}

    /// A picture from a file, as large as it fits and in the middle, in millimetres from the upper left corner.
    ///
    /// @param x the left edge of its place
    /// @param y the upper edge of its place
    /// @param width the width of its place
    /// @param height the height of its place
    /// @param file the name of its file
    record Picture(double x, double y, double width, double height, String file) implements PaperElement {}
}
