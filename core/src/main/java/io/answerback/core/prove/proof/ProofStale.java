package io.answerback.core.prove.proof;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import java.util.List;
import java.util.stream.Stream;

/// A proof that no longer stands, because something upstream of it has changed.
public final class ProofStale implements PointCheck {
    /// Something upstream of a proof has changed.
    public static final Rule RULE = new Rule(
            "proof-stale",
            Stop.PROVE,
            Grade.TIGHT,
            "Something upstream of a proof has changed.",
            "The proof is of a system that is no longer there.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return Stream.of(facts.of(ProofFacts.STATE, pointId))
                .flatMap(proof -> proof instanceof ProofState.Stale stale
                        ? Stream.of(RULE.finds(
                                new Target.OfPoint(pointId),
                                "Its proof is stale",
                                Text.of("Since it was answered: %s.", stale.why()),
                                "Send it again."))
                        : Stream.empty());
    }
}
