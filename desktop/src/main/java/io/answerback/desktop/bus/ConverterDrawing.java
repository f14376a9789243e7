package io.answerback.desktop.bus;

import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.site.Point;
import io.answerback.core.survey.capacity.ConverterChoice.Offer;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Picture;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/// The inputs of the converters a choice needs, each with the point it takes; inputs that are kept for two-wire
/// detectors have a double edge.
final class ConverterDrawing extends Picture {
    private static final double CELL = 46;
    private static final double HEIGHT = 40;
    private static final double GAP = 5;
    private static final double ROW = HEIGHT + 10;

    private final Offer offer;

    ConverterDrawing(Offer offer) {
        super("zones-drawing");
        this.offer = offer;
    }

    @Override
    public String says() {
        return "%s takes %s"
                .formatted(
                        offer.kind().name(),
                        offer.taken().stream().map(Point::name).collect(Collectors.joining(", ")));
    }

    @Override
    public double height() {
        return Math.max(1, offer.count()) * ROW;
    }

    @Override
    protected void draw(double width) {
        List<Point> ordinary = new ArrayList<>(
                offer.taken().stream().filter(point -> !point.kind().twoWire()).toList());
        List<Point> twoWire = new ArrayList<>(
                offer.taken().stream().filter(point -> point.kind().twoWire()).toList());
        ModuleKind kind = offer.kind();
        double cell = Math.min(CELL, (width - 4) / kind.inputs() - GAP);
        for (int box = 0; box < Math.max(1, offer.count()); box++) {
            for (int number = 1; number <= kind.inputs(); number++) {
                boolean kept = kept(kind, number);
                List<Point> from = kept ? twoWire : ordinary;
                Optional<Point> point = from.isEmpty() ? Optional.empty() : Optional.of(from.removeFirst());
                cell(2 + (number - 1) * (cell + GAP), box * ROW + 2, cell, number, kept, point);
            }
        }
    }

    private static boolean kept(ModuleKind kind, int number) {
        return kind.reserved().stream().anyMatch(input -> input.number() == number && input.twoWire());
    }

    private void cell(double x, double y, double wide, int number, boolean kept, Optional<Point> point) {
        box("zone-cell " + (point.isPresent() ? "zone-used" : "zone-unused"), x, y, wide, HEIGHT);
        if (kept) {
            box("zone-kept", x + 3, y + 3, wide - 6, HEIGHT - 6);
        }
        words("core-word", String.valueOf(number), x + wide / 2, y + 11, Across.CENTER);
        words("figure", point.map(Point::id).orElse(new PointId("–")).text(), x + wide / 2, y + 27, Across.CENTER);
    }
}
