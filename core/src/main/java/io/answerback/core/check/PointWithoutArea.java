package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.site.Job;
import java.util.stream.Stream;

/// A point nobody has given an area.
final class PointWithoutArea implements PointRule {
    static final String RULE = "no-area";

    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return point.wired().stream()
                .map(PointResult.Wired::point)
                .filter(its -> its.duty().area().flatMap(job::area).isEmpty())
                .map(its -> Finding.of(
                        RULE,
                        Stop.SURVEY,
                        Grade.WRONG,
                        its.id(),
                        "In no area yet",
                        "Until it has an area nobody can say when it watches, or who hears of it.",
                        "Put it in the area it protects."));
    }
}
