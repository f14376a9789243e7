package io.answerback.core.supply;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.profile.TerminalUse;
import io.answerback.core.wiring.cores.BoxCheck;
import io.answerback.core.wiring.cores.BoxPlan;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// More on a supply terminal than it gives.
public final class SupplyTerminalOverloaded implements BoxCheck {
    /// More is taken from a supply terminal than it gives.
    public static final Rule RULE = new Rule(
            "terminal-overloaded",
            Stop.CABLE,
            Grade.WRONG,
            "More is taken from a supply terminal than it gives.",
            "Its fuse opens in an alarm.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, BoxPlan box) {
        return Stream.of(box).filter(its -> passesOn(facts, its)).flatMap(its -> of(facts, its));
    }

    /// What a supply with a battery gives is judged among the supplies.
    private static boolean passesOn(Facts facts, BoxPlan box) {
        return facts.of(Supplies.FACT).states().stream()
                .noneMatch(state -> box.place().equals(state.module()));
    }

    private static Stream<Finding> of(Facts facts, BoxPlan box) {
        return IntStream.range(0, box.strip().size())
                .filter(i -> box.strip().get(i).use() == TerminalUse.SUPPLY
                        && box.strip().get(i).milliamps() > 0)
                .filter(i -> load(facts, box, i, true) > box.strip().get(i).milliamps())
                .mapToObj(i -> finding(facts, box, i));
    }

    private static double load(Facts facts, BoxPlan box, int terminal, boolean alarm) {
        return facts.of(Supplies.FACT).through(box.cablesUnder(terminal), alarm);
    }

    private static Finding finding(Facts facts, BoxPlan box, int i) {
        return RULE.finds(
                        new Target.OfBox((BoxId) box.place()),
                        Text.of(
                                "%s of %s gives %s mA at most",
                                box.strip().get(i).name(),
                                box.title(),
                                Figures.plain(box.strip().get(i).milliamps())),
                        Text.of(
                                "What is fed from it takes %.0f mA at rest and %.0f mA in alarm.",
                                load(facts, box, i, false), load(facts, box, i, true)),
                        "Move some of them to another supply.")
                .of(box.place() + ":" + i);
    }
}
