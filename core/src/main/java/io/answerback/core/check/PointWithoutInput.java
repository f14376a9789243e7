package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.radio.RadioPlaces;
import io.answerback.core.site.Job;
import java.util.stream.Stream;

/// A point that is on the list but on no terminals.
final class PointWithoutInput implements PointRule {
    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return point.wired().stream()
                .filter(wired -> wired.input().isEmpty() && !unheard(job, wired))
                .map(wired -> Finding.of(
                        "no-input",
                        Stop.LOOP,
                        Grade.WRONG,
                        wired.point().id(),
                        "Not wired to any input",
                        wired.wireless()
                                ? "No wireless zone is kept for it, so nothing it sees is ever reported."
                                : "Nothing measures this loop, so nothing it sees is ever reported.",
                        "Give it a free input."));
    }

    /// A wireless point for which nobody listens is found as such.
    private static boolean unheard(Job job, PointResult.Wired wired) {
        return wired.wireless() && RadioPlaces.hearer(job).isEmpty();
    }
}
