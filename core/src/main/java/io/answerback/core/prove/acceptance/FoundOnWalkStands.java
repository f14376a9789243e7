package io.answerback.core.prove.acceptance;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.shown.FoundOnWalk;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// What a live walk found wrong and nobody has settled: no line has shown it to be right since, and no reason to
/// dismiss it was given.
public final class FoundOnWalkStands implements JobCheck {
    /// A walk found something.
    public static final Rule RULE = new Rule(
            "found-on-walk",
            Stop.PROVE,
            Grade.WRONG,
            "A live walk found something that is not settled.",
            "The real panel sent something other than planned. Until the line is shown, the station may get the wrong point or nothing.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.acceptance().found().stream().filter(FoundOnWalk::stands).map(found -> finding(facts, found));
    }

    private static Finding finding(Facts facts, FoundOnWalk found) {
        Optional<PointId> point =
                facts.of(AcceptancePlan.FACT).line(found.lineId()).flatMap(AcceptanceLine::point);
        return RULE.finds(
                        point.<Target>map(Target.OfPoint::new).orElseGet(Target.OfJob::new),
                        found.says(),
                        Text.of(
                                "Found on the walk of %s by %s.%s%s",
                                found.at().toString().substring(0, 10),
                                found.by(),
                                found.came().isEmpty() ? "" : Text.of(" Came: %s.", found.came()),
                                found.expected().isEmpty() ? "" : Text.of(" Expected: %s.", found.expected())),
                        "Correct it and walk it again; or dismiss it on the walk, with a reason.")
                .of(found.lineId().isEmpty() ? found.says() : found.lineId());
    }
}
