package io.answerback.check;

import io.answerback.chain.PointResult;
import io.answerback.job.Job;
import io.answerback.proof.ProofState;
import java.util.List;
import java.util.stream.Stream;

/// A point whose alarm was answered but whose restore was not: the operator still sees it in alarm.
final class RestoreNeverSeen implements Rule {
    @Override
    public Stream<Finding> check(Job job, List<PointResult> points) {
        return points.stream()
                .filter(point -> point.proof() instanceof ProofState.NotRestored)
                .map(point -> Finding.of(
                        "restore-not-seen",
                        Stop.PROVE,
                        Grade.TIGHT,
                        point.pointId(),
                        "Its restore was not answered",
                        "The operator still sees this point in alarm.",
                        "Bring the point back to rest and wait for the answer."));
    }
}
