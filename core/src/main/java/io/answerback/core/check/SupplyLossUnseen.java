package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.site.Job;
import io.answerback.core.site.Point;
import java.util.stream.Stream;

/// A powered detector whose loop stays at rest when it loses its supply: it is dead, and the panel reads normal.
final class SupplyLossUnseen implements PointRule {
    static final String RULE = "supply-loss-unseen";

    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return point.wired().stream()
                .filter(wired ->
                        wired.loop().filter(loop -> loop.supplyLossHidden()).isPresent())
                .map(wired -> finding(wired.point()));
    }

    private static Finding finding(Point point) {
        boolean endOfLine = point.loop().scheme().hasEndOfLine();
        return Finding.of(
                RULE,
                Stop.LOOP,
                Grade.WRONG,
                point.id(),
                "Without its supply it reads normal",
                "Its contact is %s and stays as it is when the detector loses its supply: a dead %s looks like one at rest."
                        .formatted(
                                point.kind().contact().words(),
                                point.kind().words().thing()),
                endOfLine
                        ? "Fit a relay that watches its supply, its contact in series before the end-of-line resistor, and say so on the loop; or take a normally-closed contact and the scheme for it."
                        : "Take a scheme with an end-of-line resistor and a relay that watches the supply in it; or a normally-closed contact and the scheme for it.");
    }
}
