package io.answerback.core.check;

import io.answerback.core.profile.ZoneType;
import io.answerback.core.site.Job;
import io.answerback.core.site.Point;
import io.answerback.core.wording.Terms;
import java.util.stream.Stream;

/// An area with points that wait for nobody: who makes it stand down passes them first.
final class AreaWithoutWayIn implements JobRule {
    static final String RULE = "area-without-way-in";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        Job job = facts.job();
        Terms terms = Terms.of(job.practice());
        return job.areas().stream()
                .filter(area ->
                        in(job, area.number()).anyMatch(point -> point.duty().type() == ZoneType.IMMEDIATE))
                .filter(area ->
                        in(job, area.number()).noneMatch(point -> point.duty().type() == ZoneType.ENTRY_EXIT))
                .map(area -> new Finding(
                        RULE + ":" + area.number(),
                        Stop.SURVEY,
                        Grade.NOTE,
                        "",
                        "area " + area.number(),
                        "Area %02d %s has no way in of its own".formatted(area.number(), area.name()),
                        "Whoever opens a door of it before it is %s sets off the alarm.".formatted(terms.unset()),
                        "Fine where it is %s from elsewhere first; else make one door entry/exit."
                                .formatted(terms.unset())));
    }

    private static Stream<Point> in(Job job, int area) {
        return job.points().stream()
                .filter(point -> point.duty().area().filter(its -> its == area).isPresent());
    }
}
