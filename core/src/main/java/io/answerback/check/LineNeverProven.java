package io.answerback.check;

import io.answerback.chain.PointResult;
import io.answerback.job.Job;
import io.answerback.proof.ProofState;
import java.util.List;
import java.util.stream.Stream;

/// A point whose signal no station ever answered.
final class LineNeverProven implements Rule {
    @Override
    public Stream<Finding> check(Job job, List<PointResult> points) {
        return points.stream()
                .filter(point -> point.proof() instanceof ProofState.Never)
                .map(point -> Finding.of(
                        "never-proven",
                        Stop.PROVE,
                        Grade.NOTE,
                        point.pointId(),
                        "Never answered",
                        "Nobody has seen this point arrive at a station.",
                        "Send it, and its restore."));
    }
}
