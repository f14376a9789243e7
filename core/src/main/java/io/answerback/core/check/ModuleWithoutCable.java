package io.answerback.core.check;

import io.answerback.core.cores.CoreNeeds;
import io.answerback.core.site.Job;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/// Modules on the wall to which no cable goes.
final class ModuleWithoutCable implements JobRule {
    static final String RULE = "module-without-cable";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        List<String> without = of(facts.job());
        return without.isEmpty()
                ? Stream.empty()
                : Stream.of(new Finding(
                        RULE,
                        Stop.CABLE,
                        Grade.NOTE,
                        "",
                        without.getFirst(),
                        without.size() == 1
                                ? "No cable goes to %s".formatted(without.getFirst())
                                : "No cable goes to %d modules".formatted(without.size()),
                        "%s: what they need is not in the schedules and not on the labels."
                                .formatted(String.join(", ", without)),
                        "Add a cable to each on the bench."));
    }

    private static List<String> of(Job job) {
        Set<String> cabled = new HashSet<>();
        job.cables().forEach(cable -> cabled.add(cable.ends().module()));
        return CoreNeeds.modulesToCable(job).stream()
                .filter(name -> !cabled.contains(name))
                .toList();
    }
}
