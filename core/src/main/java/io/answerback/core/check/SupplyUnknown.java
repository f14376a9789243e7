package io.answerback.core.check;

import java.util.stream.Stream;

/// A panel of whose supply its profile says nothing, so that neither battery nor volts can be worked out.
final class SupplyUnknown implements JobRule {
    static final String RULE = "supply-unknown";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        if (!facts.supplies().states().isEmpty()) {
            return Stream.empty();
        }
        String panel = facts.job().panel().profile().name();
        return Stream.of(new Finding(
                RULE,
                Stop.POWER,
                Grade.NOTE,
                "",
                facts.job().panel().name(),
                "Nothing is known of the supply of %s".formatted(panel),
                "Its profile does not say what it gives and charges with, so neither hours nor volts can be worked out.",
                "Fill in the supply of its board from the maker's manual."));
    }
}
