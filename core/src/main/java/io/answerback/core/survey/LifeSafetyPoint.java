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

/// Fire and gas are work under a code and licence of their own.
public final class LifeSafetyPoint implements PointCheck {
    /// Fire, gas and carbon monoxide come under their own code and licence.
    public static final Rule RULE = new Rule(
            "life-safety",
            Stop.SURVEY,
            Grade.NOTE,
            "Fire, gas and carbon monoxide come under their own code and licence.",
            "This program computes; it does not approve.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return facts.of(WiredPoint.FACT, pointId).stream()
                .filter(WiredPoint::lifeSafety)
                .map(WiredPoint::point)
                .map(its -> RULE.finds(
                        new Target.OfPoint(its.id()),
                        "Life-safety work: " + its.kind().name(),
                        "Fire, gas and carbon monoxide come under their own code and licence. This computes; it does not approve.",
                        "Check who may design and fit it here, and what it may share with an intruder panel."));
    }
}
