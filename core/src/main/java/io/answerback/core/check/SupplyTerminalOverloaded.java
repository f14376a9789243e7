package io.answerback.core.check;

import io.answerback.core.chain.Figures;
import io.answerback.core.cores.BoxPlan;
import io.answerback.core.profile.TerminalUse;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// More on a supply terminal than it gives.
final class SupplyTerminalOverloaded implements JobRule {
    static final String RULE = "terminal-overloaded";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.cores().boxes().stream()
                .filter(box -> passesOn(facts, box))
                .flatMap(box -> of(facts, box));
    }

    /// What a supply with a battery gives is judged among the supplies.
    private static boolean passesOn(JobFacts facts, BoxPlan box) {
        return facts.supplies().states().stream()
                .noneMatch(state -> state.module().equals(box.name()));
    }

    private static Stream<Finding> of(JobFacts facts, BoxPlan box) {
        return IntStream.range(0, box.strip().size())
                .filter(i -> box.strip().get(i).use() == TerminalUse.SUPPLY
                        && box.strip().get(i).milliamps() > 0)
                .filter(i -> load(facts, box, i, true) > box.strip().get(i).milliamps())
                .mapToObj(i -> finding(facts, box, i));
    }

    private static double load(JobFacts facts, BoxPlan box, int terminal, boolean alarm) {
        return facts.supplies().through(box.cablesUnder(terminal), alarm);
    }

    private static Finding finding(JobFacts facts, BoxPlan box, int i) {
        return new Finding(
                RULE + ":" + box.name() + ":" + i,
                Stop.CABLE,
                Grade.WRONG,
                "",
                box.name(),
                "%s of %s gives %s mA at most"
                        .formatted(
                                box.strip().get(i).name(),
                                box.name(),
                                Figures.plain(box.strip().get(i).milliamps())),
                "What is fed from it takes %.0f mA at rest and %.0f mA in alarm."
                        .formatted(load(facts, box, i, false), load(facts, box, i, true)),
                "Move some of them to another supply.");
    }
}
