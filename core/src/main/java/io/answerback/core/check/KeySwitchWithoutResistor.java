package io.answerback.core.check;

import io.answerback.core.profile.UnusedTermination;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.site.Input;
import io.answerback.core.site.Job;
import io.answerback.core.site.Zone;
import java.util.stream.Stream;

/// A key-switch zone that another box works, on an input without the resistor its loop needs.
final class KeySwitchWithoutResistor implements JobRule {
    static final String RULE = "key-switch-without-resistor";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        Job job = facts.job();
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
                .map(KeySwitchWithoutResistor::finding);
    }

    private static Finding finding(Input input) {
        return new Finding(
                RULE + ":" + input.id(),
                Stop.SET_UP,
                Grade.WRONG,
                "",
                input.id(),
                "Zone %02d is a key switch without its resistor".formatted(input.zone()),
                "%s reads open or short, never at rest: the area is set or unset by nobody.".formatted(input.name()),
                "Fit the resistor of its loop beside the contact that works it.");
    }
}
