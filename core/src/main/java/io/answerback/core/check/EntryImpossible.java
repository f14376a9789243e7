package io.answerback.core.check;

import io.answerback.core.setup.EntryStep;
import io.answerback.core.setup.EntryStep.Standing;
import java.util.stream.Stream;

/// Something that is wanted and that this panel cannot be made to do, as when it counts in steps.
final class EntryImpossible implements JobRule {
    static final String RULE = "entry-impossible";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.setup().sheet().steps().stream()
                .filter(step -> step.standing() == Standing.CANNOT)
                .map(EntryImpossible::finding);
    }

    private static Finding finding(EntryStep step) {
        return new Finding(
                RULE + ":" + step.key(),
                Stop.SET_UP,
                Grade.WRONG,
                "",
                step.setting().id(),
                (step.of().isEmpty() ? "" : step.of() + ": ") + step.intent() + " cannot be typed",
                "At \"%s\" %s.".formatted(step.setting().name(), step.problem()),
                "Decide otherwise, or leave it out and say why.");
    }
}
