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

/// Something that is wanted and that this panel cannot be made to do, as when it counts in steps.
public final class EntryImpossible implements JobCheck {
    /// Something is wanted that this panel cannot be made to do.
    public static final Rule RULE = new Rule(
            "entry-impossible",
            Stop.SET_UP,
            Grade.WRONG,
            "Something is wanted that this panel cannot be made to do.",
            "What cannot be typed is not what the client gets.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(SetupState.FACT).sheet().steps().stream()
                .filter(step -> step.standing() == Standing.CANNOT)
                .map(EntryImpossible::finding);
    }

    private static Finding finding(EntryStep step) {
        return RULE.finds(
                        new Target.OfSetting(step.setting().id()),
                        (step.of().isEmpty() ? "" : step.of() + ": ") + step.intent() + " cannot be typed",
                        Text.of("At \"%s\" %s.", step.setting().name(), step.problem()),
                        "Decide otherwise, or leave it out and say why.")
                .of(step.key());
    }
}
