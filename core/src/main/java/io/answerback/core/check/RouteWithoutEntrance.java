package io.answerback.core.check;

import io.answerback.core.profile.ZoneType;
import io.answerback.core.site.Job;
import java.util.stream.Stream;

/// A point on an entry route to which no entrance of its area leads.
final class RouteWithoutEntrance implements JobRule {
    static final String RULE = "route-without-entrance";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        Job job = facts.job();
        return job.points().stream()
                .filter(point -> point.duty().type() == ZoneType.ENTRY_ROUTE)
                .filter(point -> job.points().stream()
                        .filter(other -> other.duty().type() == ZoneType.ENTRY_EXIT)
                        .noneMatch(
                                other -> other.duty().area().equals(point.duty().area())))
                .map(point -> Finding.of(
                        RULE,
                        Stop.SURVEY,
                        Grade.WRONG,
                        point.id(),
                        "An entry route no entrance leads to",
                        "No point of its area is entry/exit, so no entry time ever runs and this is always immediate.",
                        "Make the door people come in by entry/exit, or make this point immediate."));
    }
}
