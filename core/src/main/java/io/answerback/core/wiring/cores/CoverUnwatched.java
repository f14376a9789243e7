package io.answerback.core.wiring.cores;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Parts;
import java.util.List;
import java.util.stream.Stream;

/// A cover contact that neither the loop nor a tamper ring watches.
public final class CoverUnwatched implements PointCheck {
    /// A tamper contact is monitored neither by its loop nor by a tamper ring.
    public static final Rule RULE = new Rule(
            "cover-unwatched",
            Stop.CABLE,
            Grade.WRONG,
            "A tamper contact is monitored neither by its loop nor by a tamper ring.",
            "A detector can be opened and blinded without anybody noticing.");

    /// EN 50131-1 leaves it open whether covers are watched in grade 1 and asks for it from grade 2 on.
    private static Grade grade(Parts job) {
        return job.practice().grade() > 1 ? Grade.WRONG : Grade.NOTE;
    }

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return facts.of(WiredPoint.FACT, pointId).stream()
                .map(WiredPoint::point)
                .filter(CoreNeeds::coverToWatch)
                .filter(its -> !CoreNeeds.ringMember(its, facts.practice()))
                .map(its -> RULE.finds(
                        grade(facts),
                        new Target.OfPoint(its.id()),
                        "Its tamper contact is monitored by nothing",
                        Text.of(
                                "%s does not see it, and this job has no tamper ring.",
                                its.loop().scheme().capitalWithArticle()),
                        "Wire it as a double end-of-line, or join all covers in one ring."));
    }
}
