package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.site.Job;
import io.answerback.core.wording.Terms;
import java.util.stream.Stream;

/// A way in whose point does not start an entry time: whoever comes in sets off the alarm.
final class EntranceNotDelayed implements PointRule {
    static final String RULE = "entrance-not-delayed";

    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return point.wired().stream()
                .map(PointResult.Wired::point)
                .filter(its -> its.duty().wayIn() && its.duty().type() != ZoneType.ENTRY_EXIT)
                .map(its -> Finding.of(
                        RULE,
                        Stop.SURVEY,
                        Grade.WRONG,
                        its.id(),
                        "A way in that is " + its.duty().type().words(),
                        "Whoever comes in here to " + Terms.of(job.practice()).toUnset()
                                + " sets off the alarm at once.",
                        "Make it entry/exit, or say that nobody comes in here."));
    }
}
