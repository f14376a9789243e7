package io.answerback.check;

import io.answerback.chain.PointResult;
import io.answerback.job.Job;
import io.answerback.proof.ProofState;
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
