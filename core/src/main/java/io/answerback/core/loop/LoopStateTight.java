package io.answerback.core.loop;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import java.util.List;
import java.util.stream.Stream;

/// A loop that works, with less to spare than the house rules want.
public final class LoopStateTight implements PointCheck {
    /// A loop works with less margin than the rules want.
    public static final Rule RULE = new Rule(
            "loop-tight",
            Stop.LOOP,
            Grade.TIGHT,
            "A loop works with less margin than the rules want.",
            "Damp, cold or the next joint takes the rest.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        double least = facts.practice().leastLoopMargin();
        return facts.of(WiredPoint.FACT, pointId).stream()
                .flatMap(wired -> wired.loop().stream()
                        .filter(loop -> loop.unsafe().isEmpty() && loop.leastMargin() < least)
                        .map(loop -> finding(wired, loop, least)));
    }

    private static Finding finding(WiredPoint wired, LoopResult loop, double least) {
        return RULE.finds(
                new Target.OfPoint(wired.point().id()),
                Text.of("Only %s inside its band", Figures.percent(loop.leastMargin())),
                Text.of(
                        "When %s it reads up to %s; your rules want %s. %s",
                        StateWords.of(wired.point(), loop.tightest()),
                        Figures.ohms(loop.tightest().range().highOhms()),
                        Figures.percent(least),
                        loop.longestMetres()
                                .filter(metres -> metres < LoopCheck.LONGEST_METRES)
                                .map(metres ->
                                        Text.of("It takes no more than %s of this cable.", Figures.metres(metres)))
                                .orElse("Its cable is not what limits it.")),
                "Check the resistor's bands against the profile, or take a closer tolerance.");
    }
}
