package io.answerback.core.prove.proof;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ZoneType;
import java.util.List;
import java.util.stream.Stream;

/// A point whose signal no station ever answered.
public final class LineNeverProven implements PointCheck {
    /// No station has ever answered the signal of a point.
    public static final Rule RULE = new Rule(
            "never-proven",
            Stop.PROVE,
            Grade.NOTE,
            "No station has ever answered the signal of a point.",
            "Nobody has seen this point arrive.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return Stream.of(facts.of(ProofFacts.STATE, pointId))
                .filter(proof -> proof instanceof ProofState.Never && reported(facts, pointId))
                .map(proof -> RULE.finds(
                        new Target.OfPoint(pointId),
                        "Never answered",
                        "Nobody has seen this point arrive at a station.",
                        "Send it, and its restore."));
    }

    /// Whether its alarm is meant to reach a station at all.
    private static boolean reported(Facts facts, PointId pointId) {
        return facts.of(WiredPoint.FACT, pointId)
                .flatMap(WiredPoint::zone)
                .filter(zone -> zone.type() == ZoneType.LOG_ONLY)
                .isEmpty();
    }
}
