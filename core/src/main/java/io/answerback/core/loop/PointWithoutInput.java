package io.answerback.core.loop;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.radio.RadioPlaces;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Parts;
import java.util.List;
import java.util.stream.Stream;

/// A point that is on the list but on no terminals.
public final class PointWithoutInput implements PointCheck {
    /// A point is on no input.
    public static final Rule RULE = new Rule(
            "no-input", Stop.LOOP, Grade.WRONG, "A point is on no input.", "Nothing it sees is ever reported.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return facts.of(WiredPoint.FACT, pointId).stream()
                .filter(wired -> wired.input().isEmpty() && !unheard(facts, wired))
                .map(wired -> RULE.finds(
                        new Target.OfPoint(wired.point().id()),
                        "Not wired to any input",
                        wired.wireless()
                                ? "No wireless zone is kept for it, so nothing it sees is ever reported."
                                : "Nothing measures this loop, so nothing it sees is ever reported.",
                        "Give it a free input."));
    }

    /// A wireless point for which nobody listens is found as such.
    private static boolean unheard(Parts job, WiredPoint wired) {
        return wired.wireless() && RadioPlaces.hearer(job).isEmpty();
    }
}
