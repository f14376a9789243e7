package io.answerback.core.loop.radio;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Enrolment;
import java.util.List;
import java.util.stream.Stream;

/// Something the panel has enrolled that no point of the job needs.
public final class EnrolledForNobody implements JobCheck {
    /// The panel has enrolled something that no point of the job needs.
    public static final Rule RULE = new Rule(
            "enrolled-for-nobody",
            Stop.BUS,
            Grade.WRONG,
            "The panel has enrolled something that no point of the job needs.",
            "It is reported missing when its supervision time runs out, and its zone cannot be used for another.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(RadioState.FACT).leftover().stream().map(EnrolledForNobody::finding);
    }

    private static Finding finding(Enrolment left) {
        return RULE.finds(
                new Target.OfInput(left.inputId()),
                Text.of("The panel has something enrolled as wireless zone %02d that is not on this job", left.zone()),
                "It reports it missing when its supervision runs out, and the zone cannot be used for another.",
                Text.of("Delete zone %02d from what the panel has enrolled.", left.zone()));
    }
}
