package io.answerback.desktop.part;

/// A picture made of lines and words: what is drawn where, as numbers. It is drawn on a pen, in a window or in a
/// test. Lengths are in pixels at 100 % text.
public abstract class Picture implements Showable {
    private final String style;
    private Pen pen;
    private double room;

    /// A picture in a style of the style sheet.
    protected Picture(String style) {
        this.style = style;
    }

    @Override
    public final Part asPart() {
        return new Drawn(this);
    }

    /// Its style; empty for none.
    public final String style() {
        return style;
    }

    /// The least height it needs.
    public abstract double height();

    /// What it says in words, for screen readers; empty for nothing as a whole.
    public String says() {
        return "";
    }

    /// Whether it takes what height there is.
    public boolean fillsHeight() {
        return false;
    }

    /// Draws everything.
    ///
    /// @param width the width there is
    protected abstract void draw(double width);

    /// Draws everything with a pen.
    ///
    /// @param height the height there is
    public final void drawWith(Pen its, double width, double height) {
        pen = its;
        room = Math.max(height(), height);
        draw(width);
    }

    /// The height there is; never less than it needs.
    protected final double heightThereIs() {
        return room;
    }

    /// A straight line.
    protected final Pen.Item line(String lineStyle, double x1, double y1, double x2, double y2) {
        return pen.line(lineStyle, x1, y1, x2, y2);
    }

    /// A line through several points, x and y in turn.
    protected final Pen.Item path(String lineStyle, double... points) {
        return pen.path(lineStyle, points);
    }

    /// A rectangle.
    protected final Pen.Item box(String boxStyle, double x, double y, double width, double height) {
        return pen.box(boxStyle, x, y, width, height);
    }

    /// Words with their left middle, middle or right middle at a place.
    protected final Pen.Item words(String wordStyle, String text, double x, double y, Across across) {
        return pen.words(wordStyle, text, x, y, across);
    }

    /// A part with its left middle, middle or right middle at a place.
    protected final Pen.Item place(Part part, double x, double y, Across across) {
        return pen.place(part, x, y, across);
    }

    /// Words cut to as many letters as there is room for.
    protected static String cut(String words, double room, double letterWidth) {
        int letters = (int) (room / letterWidth);
        return words.length() <= letters ? words : words.substring(0, Math.max(1, letters - 1)) + "…";
    }
}
