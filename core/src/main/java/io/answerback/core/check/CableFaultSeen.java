package io.answerback.core.check;

import java.util.stream.Stream;

/// What somebody saw to be wrong with the work on a cable.
final class CableFaultSeen implements JobRule {
    static final String RULE = "seen";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.job().cables().stream()
                .flatMap(cable -> cable.laying().asFound().faults().stream()
                        .map(fault -> Finding.of(
                                "%s:%s".formatted(RULE, fault),
                                Grade.WRONG,
                                cable,
                                "%s: %s".formatted(cable.id(), fault.words()),
                                fault.why(),
                                fault.remedy())));
    }
}
