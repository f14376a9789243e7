package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.site.Job;
import java.util.stream.Stream;

/// Fire and gas are work under a code and licence of their own.
final class LifeSafetyPoint implements PointRule {
    static final String RULE = "life-safety";

    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return point.wired().stream()
                .map(PointResult.Wired::point)
                .filter(its -> its.kind().family().lifeSafety())
                .map(its -> Finding.of(
                        RULE,
                        Stop.SURVEY,
                        Grade.NOTE,
                        its.id(),
                        "Life-safety work: " + its.kind().name(),
                        "Fire, gas and carbon monoxide come under their own code and licence. This computes; it does not approve.",
                        "Check who may design and fit it here, and what it may share with an intruder panel."));
    }
}
