package io.answerback.check;

import io.answerback.capacity.Slot;
import io.answerback.job.Job;
import io.answerback.job.Point;
import java.util.Locale;
import java.util.stream.Stream;

/// A point on an input that is kept for something else, or that cannot power it.
final class InputOfAnotherUse implements JobRule {
    static final String RULE = "input-of-another-use";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        Job job = facts.job();
        return facts.inventory().slots().stream()
                .filter(slot -> !slot.free())
                .flatMap(slot -> job.point(slot.input().pointId().orElseThrow()).stream()
                        .filter(point -> !slot.serves(point.kind()))
                        .map(point -> finding(slot, point)));
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
