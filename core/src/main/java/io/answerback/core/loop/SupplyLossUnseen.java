package io.answerback.core.loop;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Point;
import java.util.List;
import java.util.stream.Stream;

/// A powered detector whose loop stays at rest when it loses its supply: it is dead, and the panel reads normal.
public final class SupplyLossUnseen implements PointCheck {
    /// A powered detector stays at rest when it loses its supply.
    public static final Rule RULE = new Rule(
            "supply-loss-unseen",
            Stop.LOOP,
            Grade.WRONG,
            "A powered detector stays at rest when it loses its supply.",
            "A dead detector looks like one at rest.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return facts.of(WiredPoint.FACT, pointId).stream()
                .filter(wired ->
                        wired.loop().filter(loop -> loop.supplyLossHidden()).isPresent())
                .map(wired -> finding(wired.point()));
    }

    private static Finding finding(Point point) {
        boolean endOfLine = point.loop().scheme().hasEndOfLine();
        return RULE.finds(
                new Target.OfPoint(point.id()),
                "Without its supply it reads normal",
                Text.of(
                        "Its contact is %s and stays as it is when the detector loses its supply: a dead %s looks like one at rest.",
                        point.kind().contact().words(), point.kind().words().thing()),
                endOfLine
                        ? "Fit a relay that watches its supply, its contact in series before the end-of-line resistor, and say so on the loop; or take a normally-closed contact and the scheme for it."
                        : "Take a scheme with an end-of-line resistor and a relay that watches the supply in it; or a normally-closed contact and the scheme for it.");
    }
}
