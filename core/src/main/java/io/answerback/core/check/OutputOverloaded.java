package io.answerback.core.check;

import io.answerback.core.supply.SupplyTree;
import java.util.stream.Stream;

/// An output of a supply that is asked for more than it gives.
final class OutputOverloaded implements JobRule {
    static final String RULE = "output-overloaded";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.supplies().states().stream()
                .flatMap(state -> state.trees().stream())
                .filter(tree -> tree.limitMilliamps() > 0 && tree.milliamps(true) > tree.limitMilliamps())
                .map(OutputOverloaded::finding);
    }

    private static Finding finding(SupplyTree tree) {
        return new Finding(
                RULE + ":" + tree.title(),
                Stop.POWER,
                Grade.WRONG,
                "",
                tree.module(),
                "%s is asked for more than it gives".formatted(tree.title()),
                "What hangs on it takes %.0f mA in an alarm; it gives %.0f mA."
                        .formatted(tree.milliamps(true), tree.limitMilliamps()),
                "Put part of it on another output, or on a supply of its own.");
    }
}
