package io.answerback.core.setup;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Zone;
import java.util.List;
import java.util.stream.Stream;

/// A key-switch zone that another box works, on an input without the resistor its loop needs.
public final class KeySwitchWithoutResistor implements JobCheck {
    /// A key-switch zone is on an input that lacks its end-of-line resistor.
    public static final Rule RULE = new Rule(
            "key-switch-without-resistor",
            Stop.SET_UP,
            Grade.WRONG,
            "A key-switch zone is on an input that lacks its end-of-line resistor.",
            "It reads open or short and never at rest: the area is set or unset by nobody.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Parts job = facts;
        return job.inputs().stream()
                .filter(input -> input.pointId().isEmpty() && input.unusedFitted() != UnusedTermination.RESISTOR)
                .filter(input -> job.zone(input.zone())
                        .map(Zone::type)
                        .filter(ZoneType::switches)
                        .isPresent())
                .filter(input -> job.inputModel(java.util.Optional.of(input))
                        .reads(job.practice().scheme())
                        .filter(bands -> bands.unusedNeeds() == UnusedTermination.RESISTOR)
                        .isPresent())
                .map(input -> finding(job, input));
    }

    private static Finding finding(Parts job, Input input) {
        return RULE.finds(
                new Target.OfInput(input.id()),
                Text.of("Zone %02d is a key switch without its resistor", input.zone()),
                Text.of(
                        "%s reads open or short, never at rest: the area is set or unset by nobody.",
                        job.nameOf(input)),
                "Fit the resistor of its loop beside the contact that works it.");
    }
}
