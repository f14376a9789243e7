package io.answerback.check;

import io.answerback.chain.Figures;
import io.answerback.cores.BoxPlan;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// More on a supply terminal than it gives.
final class SupplyTerminalOverloaded implements JobRule {
    static final String RULE = "terminal-overloaded";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.cores().boxes().stream()
                .filter(box -> passesOn(facts, box))
                .flatMap(SupplyTerminalOverloaded::of);
    }

    /// What a supply with a battery gives is judged among the supplies.
    private static boolean passesOn(JobFacts facts, BoxPlan box) {
        return facts.supplies().states().stream()
                .noneMatch(state -> state.module().equals(box.name()));
    }

    private static Stream<Finding> of(BoxPlan box) {
        return IntStream.range(0, box.strip().size())
                .filter(i -> box.strip().get(i).milliamps() > 0)
                .filter(i -> box.loadOn(i).alarmMilliamps() > box.strip().get(i).milliamps())
                .mapToObj(i -> finding(box, i));
    }

    private static Finding finding(BoxPlan box, int i) {
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
                "What is fed from it takes %s mA at rest and %s mA in alarm."
                        .formatted(
                                Figures.plain(box.loadOn(i).restMilliamps()),
                                Figures.plain(box.loadOn(i).alarmMilliamps())),
                "Move some of them to another supply.");
    }
}
