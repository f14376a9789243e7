package io.answerback.core.acceptance;

import io.answerback.core.memo.Fact;
import io.answerback.core.memo.FactOf;
import io.answerback.core.memo.Facts;
import java.util.ArrayList;
import java.util.List;

/// How many lines an acceptance plan has, and how many of them are shown on the real panel. Counted some dozens
/// of points at a time: how far a job has come is asked after every edit, its plan only where it is read.
///
/// @param lines how many there are
/// @param shown how many of them are shown
public record PlanCounts(int lines, int shown) {
    /// Of the plan of a job.
    public static final Fact<PlanCounts> FACT = Fact.of("counts of the acceptance plan", PlanCounts::all);

    private static final FactOf<Integer, PlanCounts> SOME = FactOf.each(
            "counts of some points",
            (facts, group) -> of(facts.of(AcceptancePlan.SOME_STATES, group).stream()
                    .flatMap(PerPoint::all)
                    .toList()));

    private static PlanCounts of(List<LineState> states) {
        return new PlanCounts(
                states.size(), (int) states.stream().filter(LineState::shown).count());
    }

    private static PlanCounts all(Facts facts) {
        List<PlanCounts> parts = new ArrayList<>(DeviceLines.POINTS.every(facts, SOME));
        parts.add(of(facts.of(AcceptancePlan.OTHER_STATES)));
        return new PlanCounts(
                parts.stream().mapToInt(PlanCounts::lines).sum(),
                parts.stream().mapToInt(PlanCounts::shown).sum());
    }
}
