package io.answerback.core.survey;

import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Grade;
import io.answerback.core.finding.PointCheck;
import io.answerback.core.finding.Rule;
import io.answerback.core.finding.Stop;
import io.answerback.core.finding.Target;
import io.answerback.core.id.PointId;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.memo.Facts;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.wording.Terms;
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
