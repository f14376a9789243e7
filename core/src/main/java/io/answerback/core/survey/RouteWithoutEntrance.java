package io.answerback.core.survey;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Parts;
import java.util.List;
import java.util.stream.Stream;

/// A point on an entry route to which no entrance of its area leads.
public final class RouteWithoutEntrance implements JobCheck {
    /// A point on an entry route is in an area without an entrance.
    public static final Rule RULE = new Rule(
            "route-without-entrance",
            Stop.SURVEY,
            Grade.WRONG,
            "A point on an entry route is in an area without an entrance.",
            "No entry time ever runs, so the point always alarms at once.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Parts job = facts;
        return job.points().stream()
                .filter(point -> point.surveyed().type() == ZoneType.ENTRY_ROUTE)
                .filter(point -> job.points().stream()
                        .filter(other -> other.surveyed().type() == ZoneType.ENTRY_EXIT)
                        .noneMatch(other ->
                                other.surveyed().area().equals(point.surveyed().area())))
                .map(point -> RULE.finds(
                        new Target.OfPoint(point.id()),
                        "An entry route no entrance leads to",
                        "No point of its area is entry/exit, so no entry time ever runs and this is always immediate.",
                        "Make the door people come in by entry/exit, or make this point immediate."));
    }
}
