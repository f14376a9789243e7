package io.answerback.desktop.survey;

import io.answerback.core.model.device.ContactForm;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.SeriesContact;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Picture;
import java.util.List;

/// A loop with all the contacts on it, in the order of the cable: the input sees only whether all of them are
/// closed.
final class SeriesDrawing extends Picture {
    private static final double TOP = 18;
    private static final double BOTTOM = 62;
    private static final double LEFT = 116;
    private static final double BLADE = 11;
    private static final double LETTER = 6.6;

    private final Point point;
    private final String input;

    SeriesDrawing(Point point, String input) {
        super("series-drawing");
        this.input = input;
        this.point = point;
    }

    @Override
    public String says() {
        return "Loop of %s with %d contacts in series: %s"
                .formatted(
                        point.name(),
                        point.inSeries().size(),
                        String.join(
                                ", ",
                                point.inSeries().stream()
                                        .map(SeriesContact::name)
                                        .toList()));
    }

    @Override
    public double height() {
        return BOTTOM + 12;
    }

    @Override
    protected void draw(double width) {
        List<SeriesContact> contacts = point.inSeries();
        double right = width - 28;
        double step = (right - LEFT) / contacts.size();
        box("part-box", 0, TOP - 10, LEFT - 18, BOTTOM - TOP + 20);
        words("part-name", input, 10, (TOP + BOTTOM) / 2, Across.LEFT);
        double at = LEFT - 18;
        for (int i = 0; i < contacts.size(); i++) {
            double middle = LEFT + step * (i + 0.5);
            line("wire", at, TOP, middle - BLADE, TOP);
            contact(contacts.get(i), middle, step);
            at = middle + BLADE;
        }
        path("wire", at, TOP, right, TOP, right, BOTTOM, LEFT - 18, BOTTOM);
        if (point.loop().scheme().hasEndOfLine()) {
            box("resistor", right - 6, (TOP + BOTTOM) / 2 - 12, 12, 24);
        }
    }

    private void contact(SeriesContact contact, double middle, double step) {
        boolean closed = contact.kind().contact() != ContactForm.NORMALLY_OPEN;
        line("wire blade", middle - BLADE, TOP, middle + BLADE, closed ? TOP : TOP - 9);
        box("contact-dot", middle - BLADE - 2.5, TOP - 2.5, 5, 5);
        box("contact-dot", middle + BLADE - 2.5, TOP - 2.5, 5, 5);
        words("series-name", cut(contact.name(), step - 8, LETTER), middle, TOP + 21, Across.CENTER)
                .hint(contact.name());
    }
}
