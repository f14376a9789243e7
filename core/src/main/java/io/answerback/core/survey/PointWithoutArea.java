package io.answerback.core.survey;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.model.id.PointId;
import java.util.List;
import java.util.stream.Stream;

/// A point nobody has given an area.
public final class PointWithoutArea implements PointCheck {
    /// A point has no area.
    public static final Rule RULE = new Rule(
            "no-area",
            Stop.SURVEY,
            Grade.WRONG,
            "A point has no area.",
            "Until it has one nobody can say when it watches, or who hears of it.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return facts.of(WiredPoint.FACT, pointId).stream()
                .map(WiredPoint::point)
                .filter(its -> its.surveyed().area().flatMap(facts::area).isEmpty())
                .map(its -> RULE.finds(
                        new Target.OfPoint(its.id()),
                        "In no area yet",
                        "Until it has an area nobody can say when it watches, or who hears of it.",
                        "Put it in the area it protects."));
    }
}
