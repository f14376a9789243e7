package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.proof.ProofState;
import io.answerback.core.site.Job;
import java.util.stream.Stream;

/// A point whose signal no station ever answered.
final class LineNeverProven implements PointRule {
    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return Stream.of(point)
                .filter(its -> its.proof() instanceof ProofState.Never && its.reported())
                .map(its -> Finding.of(
                        "never-proven",
                        Stop.PROVE,
                        Grade.NOTE,
                        its.pointId(),
                        "Never answered",
                        "Nobody has seen this point arrive at a station.",
                        "Send it, and its restore."));
    }
}
