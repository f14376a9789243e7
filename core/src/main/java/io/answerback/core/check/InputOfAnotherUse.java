package io.answerback.core.check;

import io.answerback.core.capacity.Slot;
import io.answerback.core.site.Point;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A point on an input that is kept for something else, or that cannot power it.
final class InputOfAnotherUse implements JobRule {
    static final String RULE = "input-of-another-use";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        Map<String, Point> points =
                facts.job().points().stream().collect(Collectors.toMap(Point::id, Function.identity()));
        return facts.inventory().slots().stream()
                .filter(slot -> !slot.free())
                .filter(slot -> !slot.serves(point(points, slot).kind()))
                .map(slot -> finding(slot, point(points, slot)));
    }

    private static Point point(Map<String, Point> points, Slot slot) {
        return points.get(slot.input().pointId().orElseThrow());
    }

    private static Finding finding(Slot slot, Point point) {
        boolean kept = slot.reserved().isPresent();
        return Finding.of(
                RULE,
                Stop.SURVEY,
                Grade.WRONG,
                point.id(),
                kept
                        ? "%s is kept for something else".formatted(slot.input().name())
                        : "%s cannot power a two-wire detector"
                                .formatted(slot.input().name()),
                kept
                        ? "The profile keeps it for %s."
                                .formatted(slot.reserved()
                                                .get()
                                                .use()
                                                .name()
                                                .toLowerCase(Locale.ROOT)
                                                .replace('_', '-')
                                        + (slot.reserved().get().twoWire() ? " on two wires" : ""))
                        : "A two-wire detector takes its supply from the loop; only an input made for it gives one.",
                "Move the point to an input that serves it.");
    }
}
