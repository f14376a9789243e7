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

    /// A straight line.
    ///
    /// @param width its width
    record Rule(double x1, double y1, double x2, double y2, double width) implements PaperElement {}

    /// A rectangle, outlined or filled.
    ///
    /// @param colour what it is filled with, as six hexadecimal digits; empty for an outline
    record Box(double x, double y, double width, double height, String colour) implements PaperElement {}
}
