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

/// A supply that is asked for more than it gives.
public final class SupplyOverloaded implements JobCheck {
    /// A supply is asked for more than it gives.
    public static final Rule RULE = new Rule(
            "supply-overloaded",
            Stop.POWER,
            Grade.WRONG,
            "A supply is asked for more than it gives.",
            "Its volts fall in an alarm, and what it feeds drops out.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(Supplies.FACT).states().stream()
                .filter(state -> state.milliamps(true) > state.unit().milliamps())
                .map(SupplyOverloaded::finding);
    }

    private static Finding finding(SupplyState state) {
        return RULE.finds(
                new Target.OfBox(state.module()),
                Text.of("%s is asked for more than it gives", state.title()),
                Text.of(
                        "In an alarm everything on it takes %.0f mA; it gives %.0f mA.",
                        state.milliamps(true), state.unit().milliamps()),
                "Put sounders or the farthest devices on a supply of their own.");
    }
}
