package io.answerback.desktop.loop;

import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Picture;

/// How contacts and resistors of a loop are drawn, wherever one is.
public abstract class LoopStrokes extends Picture {
    /// How far down the upper wire lies.
    protected static final double TOP = 44;
    /// How far down the lower wire lies.
    protected static final double BOTTOM = 132;
    /// How long a contact is.
    protected static final double BLADE = 34;
    /// How far down the value of a resistor across a contact stands.
    protected static final double ACROSS_VALUE = TOP + 50;

    private static final double BODY = 40;
    private static final double THICK = 14;

    /// A drawing in a style of the style sheet.
    protected LoopStrokes(String style) {
        super(style);
    }

    /// A contact in the upper wire.
    ///
    /// @return where it ends
    protected final double contact(double from, double at, String name, boolean closed) {
        line("wire", from, TOP, at, TOP);
        box("contact-dot", at - 3, TOP - 3, 6, 6);
        box("contact-dot", at + BLADE - 3, TOP - 3, 6, 6);
        line("wire blade", at, TOP, at + BLADE - 2, closed ? TOP - 1 : TOP - 15);
        words("quiet", name, at + BLADE / 2, TOP - 22, Across.CENTER);
        return at + BLADE;
    }

    /// A contact from one height to another.
    protected final void upright(double x, double top, double bottom, boolean closed) {
        box("contact-dot", x - 3, top - 3, 6, 6);
        box("contact-dot", x - 3, bottom - 3, 6, 6);
        line("wire blade", x, bottom, closed ? x : x - 14, top + 2);
    }

    /// A resistor with the bands its value and tolerance have.
    protected final void body(double ohms, double tolerancePercent, double x, double y, double width, double height) {
        box("resistor", x, y, width, height);
        for (ResistorStripes.Stripe stripe : ResistorStripes.of(
                        ohms, tolerancePercent, x, y, width, height, height > width)
                .stripes()) {
            box("stripe-" + stripe.colour().word(), stripe.x(), stripe.y(), stripe.width(), stripe.height());
        }
    }

    /// A resistor in the upper wire.
    ///
    /// @return where it ends
    protected final double inWire(double ohms, double tolerancePercent, double at) {
        body(ohms, tolerancePercent, at, TOP - THICK / 2, BODY, THICK);
        return at + BODY;
    }

    /// A resistor across what stands between two places of the upper wire.
    ///
    /// @return its middle, where its value stands below it
    protected final double across(double from, double to, double ohms, double tolerancePercent) {
        double down = TOP + 32;
        double middle = (from + to) / 2;
        path("wire", from - 10, TOP, from - 10, down, middle - BODY / 2, down);
        path("wire", middle + BODY / 2, down, to + 10, down, to + 10, TOP);
        body(ohms, tolerancePercent, middle - BODY / 2, down - THICK / 2, BODY, THICK);
        return middle;
    }
}
