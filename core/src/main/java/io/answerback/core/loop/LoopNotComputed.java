package io.answerback.core.loop;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Parts;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A loop of which nothing can be said: no cable, or a scheme the panel cannot read.
public final class LoopNotComputed implements PointCheck {
    /// A point has no cable yet.
    public static final Rule RULE = new Rule(
            "no-cable",
            Stop.LOOP,
            Grade.NOTE,
            "A point has no cable yet.",
            "Without its length and conductor the loop cannot be computed.");

    /// An input cannot read the loop scheme that is wired to it.
    public static final Rule SCHEME_UNREADABLE = new Rule(
            "scheme-unreadable",
            Stop.LOOP,
            Grade.WRONG,
            "An input cannot read the loop scheme that is wired to it.",
            "What the panel makes of the loop is not known.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE, SCHEME_UNREADABLE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return facts.of(WiredPoint.FACT, pointId).stream()
                .filter(wired -> wired.loop().isEmpty() && !wired.wireless())
                .map(wired -> wired.fitted().isEmpty() ? noCable(wired) : unreadable(facts, wired));
    }

    private static Finding noCable(WiredPoint wired) {
        return RULE.finds(
                new Target.OfPoint(wired.point().id()),
                wired.cable().isEmpty() ? "No cable yet" : "The length of its cable is not known",
                "Without its length and conductor the loop cannot be computed.",
                "Give the cable's length.");
    }

    private static Finding unreadable(Parts job, WiredPoint wired) {
        String scheme = wired.point().loop().scheme().words();
        Finding finding = SCHEME_UNREADABLE.finds(
                new Target.OfPoint(wired.point().id()),
                "Its input cannot read a " + scheme,
                Text.of("%s has no bands for it.", readBy(job, wired)),
                Text.of(
                        "Choose a scheme it reads: %s.",
                        wired.model().schemes().stream()
                                .map(bands -> bands.scheme().words())
                                .collect(Collectors.joining(", "))));
        return ReadableSchemes.readable(job, wired.point()).isPresent()
                ? finding.mendedBy(ReadableSchemes.EDIT)
                : finding;
    }

    private static String readBy(Parts job, WiredPoint wired) {
        String panel = job.panel().profile().name();
        return wired.input()
                .map(input -> job.nameOf(input.module()) + " of " + panel)
                .orElse(panel);
    }
}
