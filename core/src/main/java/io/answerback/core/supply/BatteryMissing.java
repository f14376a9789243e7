package io.answerback.core.supply;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.supply.battery.BatteryState;
import java.util.List;
import java.util.stream.Stream;

/// A supply for which no battery is decided, or for whose load there is none.
public final class BatteryMissing implements JobCheck {
    /// No battery is decided for a supply, or none is large enough for its load.
    public static final Rule RULE = new Rule(
            "battery-missing",
            Stop.POWER,
            Grade.WRONG,
            "No battery is decided for a supply, or none is large enough for its load.",
            "When the mains fails, everything on it fails at once.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(Supplies.FACT).states().stream().flatMap(BatteryMissing::finding);
    }

    private static Stream<Finding> finding(SupplyState state) {
        if (state.battery().isEmpty()) {
            return Stream.of(of(
                    state,
                    Grade.WRONG,
                    "No battery carries what %s feeds",
                    state.beyond(),
                    "Check the figures of the load list."));
        }
        BatteryState battery = state.battery().get();
        if (battery.fitted().isPresent()) {
            return Stream.empty();
        }
        String need = Text.of(
                "It needs %.1f Ah for %.0f h and the alarm, cold and at the end of its life.",
                battery.requiredAmpHours(), battery.ruleHours());
        String mend = battery.stockAmpHours()
                .map(value -> Text.of("The smallest that is sold and does is %.1f Ah.", value))
                .orElse("None that this supply takes is enough: take load off it, or put it on a supply of its own.");
        return Stream.of(of(state, Grade.NOTE, "No battery is decided for %s", need, mend));
    }

    private static Finding of(SupplyState state, Grade grade, String says, String why, String remedy) {
        return RULE.finds(grade, new Target.OfBox(state.module()), Text.of(says, state.title()), why, remedy);
    }
}
