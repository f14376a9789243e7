package io.answerback.core.check;

import io.answerback.core.setup.EntryStep;
import io.answerback.core.setup.EntryStep.Standing;
import java.util.List;
import java.util.stream.Stream;

/// Entries that were typed, and that mean something else than is wanted by now.
final class EntriesToRepeat implements JobRule {
    static final String RULE = "entries-to-repeat";

    private static final int NAMED = 3;

    @Override
    public Stream<Finding> check(JobFacts facts) {
        List<String> again = facts.setup().sheet().steps().stream()
                .filter(step -> step.standing() == Standing.AGAIN)
                .map(EntryStep::intent)
                .toList();
        return again.isEmpty() ? Stream.empty() : Stream.of(finding(again));
    }

    private static Finding finding(List<String> again) {
        String more = again.size() > NAMED ? " and %d more".formatted(again.size() - NAMED) : "";
        return new Finding(
                RULE,
                Stop.SET_UP,
                Grade.TIGHT,
                "",
                "",
                again.size() == 1
                        ? "One entry has to be typed again"
                        : "%d entries have to be typed again".formatted(again.size()),
                "The panel has something else than is wanted: %s%s."
                        .formatted(String.join("; ", again.subList(0, Math.min(NAMED, again.size()))), more),
                "Type them from the run sheet.");
    }
}
