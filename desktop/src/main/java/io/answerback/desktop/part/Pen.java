package io.answerback.desktop.part;

/// What a picture is drawn with. All lengths are in pixels at 100 % text.
public interface Pen {
    /// A straight line.
    Item line(String style, double x1, double y1, double x2, double y2);

    /// A line through several points, x and y in turn.
    Item path(String style, double... points);

    /// A rectangle.
    Item box(String style, double x, double y, double width, double height);

    /// Words at a place.
    Item words(String style, String text, double x, double y, Across across);

    /// A part at a place.
    Item place(Part part, double x, double y, Across across);

    /// Something that was drawn.
    interface Item {
        /// What it is, for screen readers.
        Item says(String words);

        /// What a click on it does.
        Item onClick(Runnable click);

        /// Lets a click through to what lies below.
        Item passive();

        /// Words on hover.
        Item hint(String words);
    }
}
