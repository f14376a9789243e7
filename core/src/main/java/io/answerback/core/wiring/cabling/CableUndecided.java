package io.answerback.core.wiring.cabling;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.FactOf;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.common.Text;
import io.answerback.core.wiring.cores.CorePlan;
import java.util.List;
import java.util.stream.Stream;

/// Cables of which too little is known to plan their cores.
public final class CableUndecided implements JobCheck {
    /// Cables have no type yet.
    public static final Rule RULE = new Rule(
            "cable-undecided",
            Stop.CABLE,
            Grade.NOTE,
            "Cables have no type yet.",
            "Their cores cannot be planned and are left out of what is printed.");

    private static final int MOST_NAMED = 4;

    private static final FactOf<Integer, List<Cable>> WITHOUT = FactOf.each(
            "undecided cables",
            (facts, group) -> CorePlan.CABLES.keys(facts, group).stream()
                    .flatMap(id -> facts.cable(id).stream())
                    .filter(cable -> cable.installation().type().isEmpty() || cable.metres() == 0)
                    .toList());

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        List<Cable> without = CorePlan.CABLES.every(facts, WITHOUT).stream()
                .flatMap(List::stream)
                .toList();
        return without.isEmpty() ? Stream.empty() : Stream.of(finding(without));
    }

    private static Finding finding(List<Cable> without) {
        String ids =
                Text.listed(without.stream().limit(MOST_NAMED).map(Cable::id).toList());
        String more = without.size() > MOST_NAMED ? Text.of(" and %d more", without.size() - MOST_NAMED) : "";
        return RULE.finds(
                        new Target.OfCable(without.getFirst().id()),
                        without.size() == 1
                                ? "1 cable has no type or no length"
                                : Text.of("%d cables have no type or no length", without.size()),
                        Text.of("%s%s: their cores cannot be planned and are left out of what is printed.", ids, more),
                        "Choose a type on the bench, and give the length.")
                .of("");
    }
}
