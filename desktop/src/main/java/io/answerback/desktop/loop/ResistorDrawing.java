package io.answerback.desktop.loop;

import io.answerback.core.loop.resistor.BandColour;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Picture;
import java.util.List;

/// One resistor as it lies in the hand, large enough to compare.
public final class ResistorDrawing extends Picture {
    private static final double HEIGHT = 62;
    private static final double LEAD = 34;
    private static final double BODY = 200;
    private static final double THICK = 38;
    private static final double STRIPE = 13;

    private final List<BandColour> colours;
    private final String empty;

    /// @param bands its colours from the left
    /// @param otherwise what is said where there are none
    public ResistorDrawing(List<BandColour> bands, String otherwise) {
        super("resistor-drawing");
        this.colours = List.copyOf(bands);
        this.empty = otherwise;
    }

    @Override
    public String says() {
        return colours.isEmpty()
                ? empty
                : "resistor: "
                        + String.join(
                                ", ", colours.stream().map(BandColour::word).toList());
    }

    @Override
    public double height() {
        return HEIGHT;
    }

    @Override
    protected void draw(double width) {
        double top = (HEIGHT - THICK) / 2;
        line("wire", 0, HEIGHT / 2, LEAD, HEIGHT / 2);
        line("wire", LEAD + BODY, HEIGHT / 2, 2 * LEAD + BODY, HEIGHT / 2);
        box("resistor", LEAD, top, BODY, THICK);
        if (colours.isEmpty()) {
            words("quiet", empty, LEAD + BODY / 2, HEIGHT / 2, Across.CENTER);
        }
        double step = BODY / 7;
        for (int i = 0; i < colours.size(); i++) {
            double x = LEAD + step * (i + 0.75) - STRIPE / 2;
            box("stripe-" + colours.get(i).word(), x, top + 1, STRIPE, THICK - 2);
        }
    }
}
