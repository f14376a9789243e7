package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.proof.ProofState;
import io.answerback.core.site.Job;
import java.util.stream.Stream;

/// A point whose alarm was answered but whose restore was not: the operator still sees it in alarm.
final class RestoreNeverSeen implements PointRule {
    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return Stream.of(point)
                .filter(its -> its.proof() instanceof ProofState.NotRestored)
                .map(its -> Finding.of(
                        "restore-not-seen",
                        Stop.PROVE,
                        Grade.TIGHT,
                        its.pointId(),
                        "Its restore was not answered",
                        "The operator still sees this point in alarm.",
                        "Bring the point back to rest and wait for the answer."));
    }
}
