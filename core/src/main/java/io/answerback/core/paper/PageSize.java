package io.answerback.core.paper;

/// The size of a page that lies.
///
/// @param name what it is called
/// @param widthMillimetres how wide it is, in millimetres
/// @param heightMillimetres how high it is, in millimetres
public record PageSize(String name, double widthMillimetres, double heightMillimetres) {
    /// ISO 216 A4.
    public static final PageSize A4 = new PageSize("A4", 297, 210);
    /// ANSI/ASME Y14.1 size A, known as Letter.
    public static final PageSize LETTER = new PageSize("Letter", 279.4, 215.9);
}
