package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.site.Job;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A loop of which nothing can be said: no cable, or a scheme the panel cannot read.
final class LoopNotComputed implements PointRule {
    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return point.wired().stream()
                .filter(wired -> wired.loop().isEmpty() && !wired.wireless())
                .map(wired -> wired.cable().isEmpty() ? noCable(wired) : unreadable(job, wired));
    }

    private static Finding noCable(PointResult.Wired wired) {
        return Finding.of(
                "no-cable",
                Stop.LOOP,
                Grade.NOTE,
                wired.point().id(),
                "No cable yet",
                "Without its length and conductor the loop cannot be computed.",
                "Give the cable's length.");
    }

    private static Finding unreadable(Job job, PointResult.Wired wired) {
        String scheme = wired.point().loop().scheme().words();
        return Finding.of(
                "scheme-unreadable",
                Stop.LOOP,
                Grade.WRONG,
                wired.point().id(),
                "Its input cannot read a " + scheme,
                "%s has no bands for it.".formatted(readBy(job, wired)),
                "Choose a scheme it reads: %s."
                        .formatted(wired.model().schemes().stream()
                                .map(bands -> bands.scheme().words())
                                .collect(Collectors.joining(", "))));
    }

    private static String readBy(Job job, PointResult.Wired wired) {
        String panel = job.panel().profile().name();
        return wired.input().map(input -> input.module() + " of " + panel).orElse(panel);
    }
}
