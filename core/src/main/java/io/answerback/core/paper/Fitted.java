package io.answerback.core.paper;

/// Words made to fit on one line: smaller as far as they can still be read, then cut short.
///
/// @param words the words; they end in "…" where they were cut
/// @param size the height of their letters' body, in millimetres
public record Fitted(String words, double size) {
    private static final double SMALLER_BY = 0.2;
    private static final double ROUNDING = 1e-9;

    /// Nothing longer than this is ever on one line, however wide.
    private static final int LONGEST = 400;

    /// Makes words fit.
    ///
    /// @param room how wide the line is, in millimetres
    /// @param largest their size where they have room, in millimetres
    /// @param smallest the smallest size at which they are read, in millimetres
    public static Fitted of(
            String words, double room, double largest, double smallest, boolean strong, Measure measure) {
        String fits = words.length() > LONGEST ? words.substring(0, LONGEST) : words;
        double size = largest;
        while (size - SMALLER_BY >= smallest - ROUNDING && measure.width(fits, size, strong) > room) {
            size -= SMALLER_BY;
        }
        return new Fitted(cut(fits, room, size, strong, measure), size);
    }

    private static String cut(String words, double room, double size, boolean strong, Measure measure) {
        String fits = words;
        while (fits.length() > 1 && measure.width(fits, size, strong) > room) {
            fits = fits.substring(0, fits.length() - 2).stripTrailing() + "…";
        }
        return fits;
    }

    /// The title of a page: 5.2 mm where it has room, 3.2 mm at least.
    ///
    /// @param margin where it begins, from the left and from above, in millimetres
    /// @param width how wide the page is, in millimetres
    public static PaperElement.Text title(String words, double margin, double width, Measure measure) {
        return title(words, margin, margin, width, measure);
    }

    /// The title of something on a page: 5.2 mm where it has room, 3.2 mm at least.
    ///
    /// @param margin where it begins, from the left, in millimetres
    /// @param top where it begins, from above, in millimetres
    /// @param width how wide the page is, in millimetres
    static PaperElement.Text title(String words, double margin, double top, double width, Measure measure) {
        Fitted fitted = of(words, width - 2 * margin, 5.2, 3.2, true, measure);
        return new PaperElement.Text(margin, top + 5.2, fitted.size(), true, fitted.words());
    }
}
