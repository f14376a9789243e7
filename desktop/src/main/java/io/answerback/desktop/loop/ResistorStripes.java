package io.answerback.desktop.loop;

import io.answerback.core.loop.resistor.BandColour;
import io.answerback.core.loop.resistor.ColourCode;
import java.util.ArrayList;
import java.util.List;

/// Where the colour bands of a drawn resistor lie. The last band, the tolerance, stands apart from the others,
/// as it does on the part.
record ResistorStripes(List<Stripe> stripes) {
    private static final double THICKNESS = 3;

    /// One band, in pixels at 100 % text.
    record Stripe(BandColour colour, double x, double y, double width, double height) {}

    /// The bands of a value on a body that lies or stands; none when no bands say it.
    ///
    /// @param x left edge of the body
    /// @param y upper edge of the body
    /// @param upright whether it stands
    static ResistorStripes of(
            double ohms, double tolerancePercent, double x, double y, double width, double height, boolean upright) {
        List<BandColour> colours = ColourCode.bands(ohms, tolerancePercent);
        double length = upright ? height : width;
        double step = length / (colours.size() + 2);
        List<Stripe> stripes = new ArrayList<>();
        for (int i = 0; i < colours.size(); i++) {
            double at = step * (i + (i == colours.size() - 1 ? 1.75 : 1)) - THICKNESS / 2;
            stripes.add(
                    upright
                            ? new Stripe(colours.get(i), x + 1, y + at, width - 2, THICKNESS)
                            : new Stripe(colours.get(i), x + at, y + 1, THICKNESS, height - 2));
        }
        return new ResistorStripes(List.copyOf(stripes));
    }
}
