package io.answerback.core.check;

import io.answerback.core.site.Input;
import io.answerback.core.site.Job;
import java.util.Comparator;
import java.util.stream.Stream;

/// Inputs that bring zones with higher numbers than the panel has.
final class ZoneBeyondPanel implements JobRule {
    static final String RULE = "zone-beyond-panel";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        Job job = facts.job();
        int most = job.panel().profile().capacity().zones();
        return job.inputs().stream()
                .filter(input -> input.zone() > most)
                .sorted(Comparator.comparingInt(Input::zone))
                .map(
                        input -> new Finding(
                                RULE + ":" + input.id(),
                                Stop.BUS,
                                Grade.WRONG,
                                input.pointId().orElse(""),
                                input.id(),
                                "%s brings zone %d, and the panel has %d".formatted(input.name(), input.zone(), most),
                                "%s has no such zone: nothing on that input is ever reported."
                                        .formatted(job.panel().profile().name()),
                                "Take a module off whose inputs are not needed, give it another address, or take a larger panel."));
    }
}
