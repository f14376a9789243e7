package io.answerback.core.check;

import java.util.stream.Stream;

/// Cables that feed each other in a circle, so that nothing feeds them.
final class SupplyInCircle implements JobRule {
    static final String RULE = "supply-circle";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.supplies().circles().stream()
                .flatMap(id -> facts.job().cable(id).stream())
                .map(cable -> new Finding(
                        RULE + ":" + cable.id(),
                        Stop.POWER,
                        Grade.WRONG,
                        "",
                        cable.id(),
                        "%s is fed by what it feeds".formatted(cable.id()),
                        "It comes back to where it begins, so no supply reaches it.",
                        "Let it begin at the box that feeds it."));
    }
}
