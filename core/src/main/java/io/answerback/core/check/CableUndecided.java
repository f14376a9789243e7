package io.answerback.core.check;

import io.answerback.core.cable.Cable;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Cables of which too little is known to plan their cores.
final class CableUndecided implements JobRule {
    static final String RULE = "cable-undecided";

    private static final int MOST_NAMED = 4;

    @Override
    public Stream<Finding> check(JobFacts facts) {
        List<Cable> without = facts.job().cables().stream()
                .filter(cable -> cable.laying().type().isEmpty() || cable.metres() == 0)
                .toList();
        return without.isEmpty() ? Stream.empty() : Stream.of(finding(without));
    }

    private static Finding finding(List<Cable> without) {
        String ids = without.stream().limit(MOST_NAMED).map(Cable::id).collect(Collectors.joining(", "));
        String more = without.size() > MOST_NAMED ? " and %d more".formatted(without.size() - MOST_NAMED) : "";
        return new Finding(
                RULE,
                Stop.CABLE,
                Grade.NOTE,
                "",
                without.getFirst().id(),
                without.size() == 1
                        ? "1 cable has no type or no length"
                        : "%d cables have no type or no length".formatted(without.size()),
                "%s%s: their cores cannot be planned and are left out of what is printed.".formatted(ids, more),
                "Choose a type on the bench, and give the length.");
    }
}
