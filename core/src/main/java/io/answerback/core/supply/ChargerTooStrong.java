package io.answerback.core.supply;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.practice.RuleFigure;
import java.util.List;
import java.util.stream.Stream;

/// A charger that gives a battery more than it may be charged with.
public final class ChargerTooStrong implements JobCheck {
    /// A charger gives a battery more than it may be charged with.
    public static final Rule RULE = new Rule(
            "charger-too-strong",
            Stop.POWER,
            Grade.WRONG,
            "A charger gives a battery more than it may be charged with.",
            "A sealed battery heats and loses its life.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        double most = facts.practice().figure(RuleFigure.MOST_CHARGE_PERCENT);
        return facts.of(Supplies.FACT).states().stream()
                .flatMap(state -> state.battery().stream()
                        .flatMap(battery -> battery.chargePercent(state.unit()).stream())
                        .filter(percent -> percent > most)
                        .map(percent -> finding(state, percent, most)));
    }

    private static Finding finding(SupplyState state, double percent, double most) {
        double rated = state.battery().orElseThrow().ratedAmpHours();
        return RULE.finds(
                new Target.OfBox(state.module()),
                Text.of("The charger of %s is too strong for its battery", state.title()),
                Text.of(
                        "It gives up to %.0f mA, which is %.0f %% of %.1f Ah an hour; the rule allows %.0f %%. A sealed battery heats and loses its life.",
                        state.unit().chargeMilliamps(), percent, rated, most),
                Text.of(
                        "Take a battery of %.1f Ah or more, or set the charger lower where it can be. The battery maker's sheet comes first.",
                        state.unit().chargeMilliamps() / 10 / most));
    }
}
