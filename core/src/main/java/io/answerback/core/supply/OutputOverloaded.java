package io.answerback.core.supply;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import java.util.List;
import java.util.stream.Stream;

/// An output of a supply that is asked for more than it gives.
public final class OutputOverloaded implements JobCheck {
    /// An output of a supply is asked for more than it gives.
    public static final Rule RULE = new Rule(
            "output-overloaded",
            Stop.POWER,
            Grade.WRONG,
            "An output of a supply is asked for more than it gives.",
            "Its fuse opens in an alarm.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(Supplies.FACT).states().stream()
                .flatMap(state -> state.trees().stream())
                .filter(tree -> tree.limitMilliamps() > 0 && tree.milliamps(true) > tree.limitMilliamps())
                .map(OutputOverloaded::finding);
    }

    private static Finding finding(SupplyTree tree) {
        return RULE.finds(
                        new Target.OfBox(tree.module()),
                        Text.of("%s is asked for more than it gives", tree.title()),
                        Text.of(
                                "What hangs on it takes %.0f mA in an alarm; it gives %.0f mA.",
                                tree.milliamps(true), tree.limitMilliamps()),
                        "Put part of it on another output, or on a supply of its own.")
                .of(tree.title());
    }
}
