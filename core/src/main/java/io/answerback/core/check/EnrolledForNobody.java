package io.answerback.core.check;

import io.answerback.core.site.Enrolment;
import java.util.stream.Stream;

/// Something the panel has enrolled that no point of the job needs.
final class EnrolledForNobody implements JobRule {
    static final String RULE = "enrolled-for-nobody";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.radio().leftover().stream().map(EnrolledForNobody::finding);
    }

    private static Finding finding(Enrolment left) {
        return new Finding(
                RULE + ":" + left.inputId(),
                Stop.BUS,
                Grade.WRONG,
                "",
                left.inputId(),
                "The panel has something enrolled as wireless zone %02d that is not on this job".formatted(left.zone()),
                "It reports it missing when its supervision runs out, and the zone cannot be used for another.",
                "Delete zone %02d from what the panel has enrolled.".formatted(left.zone()));
    }
}
