package io.answerback.core.setup;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.setup.EntryStep.Standing;
import java.util.List;
import java.util.stream.Stream;

/// Entries that were typed, and that mean something else than is wanted by now.
public final class EntriesToRepeat implements JobCheck {
    /// Entries that were typed no longer mean what is wanted.
    public static final Rule RULE = new Rule(
            "entries-to-repeat",
            Stop.SET_UP,
            Grade.TIGHT,
            "Entries that were typed no longer mean what is wanted.",
            "The panel has something else than the run sheet says.");

    private static final int NAMED = 3;

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        List<String> again = facts.of(SetupState.FACT).sheet().steps().stream()
                .filter(step -> step.standing() == Standing.AGAIN)
                .map(EntryStep::intent)
                .toList();
        return again.isEmpty() ? Stream.empty() : Stream.of(finding(again));
    }

    private static Finding finding(List<String> again) {
        String more = again.size() > NAMED ? Text.of(" and %d more", again.size() - NAMED) : "";
        return RULE.finds(
                new Target.OfJob(),
                again.size() == 1
                        ? "One entry has to be typed again"
                        : Text.of("%d entries have to be typed again", again.size()),
                Text.of(
                        "The panel has something else than is wanted: %s%s.",
                        String.join("; ", again.subList(0, Math.min(NAMED, again.size()))), more),
                "Type them from the run sheet.");
    }
}
