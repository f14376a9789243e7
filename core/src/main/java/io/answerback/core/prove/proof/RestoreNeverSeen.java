package io.answerback.core.prove.proof;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.id.PointId;
import java.util.List;
import java.util.stream.Stream;

/// A point whose alarm was answered but whose restore was not: the operator still sees it in alarm.
public final class RestoreNeverSeen implements PointCheck {
    /// The alarm of a point was answered and its restore was not.
    public static final Rule RULE = new Rule(
            "restore-not-seen",
            Stop.PROVE,
            Grade.TIGHT,
            "The alarm of a point was answered and its restore was not.",
            "The operator still sees the point in alarm.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return Stream.of(facts.of(ProofFacts.STATE, pointId))
                .filter(proof -> proof instanceof ProofState.NotRestored)
                .map(proof -> RULE.finds(
                        new Target.OfPoint(pointId),
                        "Its restore was not answered",
                        "The operator still sees this point in alarm.",
                        "Bring the point back to rest and wait for the answer."));
    }
}
