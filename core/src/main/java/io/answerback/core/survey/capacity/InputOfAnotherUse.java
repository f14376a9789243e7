package io.answerback.core.survey.capacity;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A point on an input that is kept for something else, or that cannot power it.
public final class InputOfAnotherUse implements JobCheck {
    /// A point is on an input that is kept for something else, or that cannot power it.
    public static final Rule RULE = new Rule(
            "input-of-another-use",
            Stop.SURVEY,
            Grade.WRONG,
            "A point is on an input that is kept for something else, or that cannot power it.",
            "The panel treats the input as what it is kept for.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Map<PointId, Point> points = facts.points().stream().collect(Collectors.toMap(Point::id, Function.identity()));
        return facts.of(Inventory.FACT).slots().stream()
                .filter(slot -> !slot.free())
                .filter(slot -> !slot.serves(point(points, slot).kind()))
                .map(slot -> finding(facts, slot, point(points, slot)));
    }

    private static Point point(Map<PointId, Point> points, Slot slot) {
        return points.get(slot.input().pointId().orElseThrow());
    }

    private static Finding finding(Parts job, Slot slot, Point point) {
        boolean kept = slot.reserved().isPresent();
        return RULE.finds(
                new Target.OfPoint(point.id()),
                kept
                        ? Text.of("%s is kept for something else", job.nameOf(slot.input()))
                        : Text.of("%s cannot power a two-wire detector", job.nameOf(slot.input())),
                kept
                        ? Text.of(
                                "The profile keeps it for %s.",
                                slot.reserved()
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
