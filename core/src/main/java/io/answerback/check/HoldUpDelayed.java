package io.answerback.check;

import io.answerback.chain.PointResult;
import io.answerback.job.Job;
import io.answerback.job.KindFamily;
import io.answerback.wording.Terms;
import java.util.stream.Stream;

/// A call for help that waits for an entry time, or is heard only while the area watches.
final class HoldUpDelayed implements PointRule {
    static final String RULE = "hold-up-delayed";

    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return point.wired().stream()
                .map(PointResult.Wired::point)
                .filter(its -> its.kind().family() == KindFamily.HOLD_UP
                        && !its.duty().type().watchesAlways())
                .map(its -> Finding.of(
                        RULE,
                        Stop.SURVEY,
                        Grade.WRONG,
                        its.id(),
                        "A hold-up point that is " + its.duty().type().words(),
                        "A call for help must go out at once, whether the area is %s or %s."
                                .formatted(
                                        Terms.of(job.practice()).set(),
                                        Terms.of(job.practice()).unset()),
                        "Make it hold-up."));
    }
}
