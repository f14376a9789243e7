package io.answerback.core.setup;

import io.answerback.core.common.Text;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Grade;
import io.answerback.core.finding.JobCheck;
import io.answerback.core.finding.Rule;
import io.answerback.core.finding.Stop;
import io.answerback.core.finding.Target;
import io.answerback.core.memo.Facts;
import io.answerback.core.profile.UnusedTermination;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.site.Input;
import io.answerback.core.site.Parts;
import io.answerback.core.site.Zone;
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
