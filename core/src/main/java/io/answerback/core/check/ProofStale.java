package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.proof.ProofState;
import io.answerback.core.site.Job;
import java.util.stream.Stream;

/// A proof that no longer stands, because something upstream of it has changed.
final class ProofStale implements PointRule {
    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return Stream.of(point)
                .flatMap(its -> its.proof() instanceof ProofState.Stale stale
                        ? Stream.of(Finding.of(
                                "proof-stale",
                                Stop.PROVE,
                                Grade.TIGHT,
                                point.pointId(),
                                "Its proof is stale",
                                "Since it was answered: %s.".formatted(stale.why()),
                                "Send it again."))
                        : Stream.empty());
    }
}
