package io.answerback.core.check;

import io.answerback.core.supply.SupplyState;
import java.util.stream.Stream;

/// A supply that is asked for more than it gives.
final class SupplyOverloaded implements JobRule {
    static final String RULE = "supply-overloaded";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.supplies().states().stream()
                .filter(state -> state.milliamps(true) > state.unit().milliamps())
                .map(SupplyOverloaded::finding);
    }

    private static Finding finding(SupplyState state) {
        return new Finding(
                RULE + ":" + state.module(),
                Stop.POWER,
                Grade.WRONG,
                "",
                state.module(),
                "%s is asked for more than it gives".formatted(state.module()),
                "In an alarm everything on it takes %.0f mA; it gives %.0f mA."
                        .formatted(state.milliamps(true), state.unit().milliamps()),
                "Put sounders or the farthest devices on a supply of their own.");
    }
}
