package io.answerback.core.survey;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ZoneType;
import java.util.List;
import java.util.stream.Stream;

/// A way in whose point does not start an entry time: whoever comes in sets off the alarm.
public final class EntranceNotDelayed implements PointCheck {
    /// A way in does not start an entry time.
    public static final Rule RULE = new Rule(
            "entrance-not-delayed",
            Stop.SURVEY,
            Grade.WRONG,
            "A way in does not start an entry time.",
            "Whoever comes in to unset the area sets off the alarm at once.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return facts.of(WiredPoint.FACT, pointId).stream()
                .map(WiredPoint::point)
                .filter(its -> its.surveyed().wayIn() && its.surveyed().type() != ZoneType.ENTRY_EXIT)
                .map(its -> RULE.finds(
                        new Target.OfPoint(its.id()),
                        "A way in that is " + its.surveyed().type().words(),
                        "Whoever comes in here to " + Terms.of(facts.practice()).toUnset()
                                + " sets off the alarm at once.",
                        "Make it entry/exit, or say that nobody comes in here."));
    }
}
