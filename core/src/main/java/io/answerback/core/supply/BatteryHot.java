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

/// A battery that stands where it never gets cool. The life of a lead-acid battery halves with every 10 °C above
/// 20 °C (Arrhenius), and above 40 °C most makers allow no charging.
public final class BatteryHot implements JobCheck {
    /// A battery stands in the heat.
    public static final Rule RULE = new Rule(
            "battery-hot",
            Stop.POWER,
            Grade.TIGHT,
            "A battery is in a place that is always warm.",
            "Its life halves with every 10 °C above 20 °C; above 40 °C it may swell and vent while it is charged.");

    private static final double RATED_CELSIUS = 20;
    private static final double WARM_CELSIUS = 30;
    private static final double HOT_CELSIUS = 40;
    private static final double HALVING_CELSIUS = 10;

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(Supplies.FACT).states().stream()
                .flatMap(state -> state.battery().flatMap(BatteryState::fitted).stream()
                        .filter(battery -> battery.coldestCelsius() >= WARM_CELSIUS)
                        .map(battery -> finding(state, battery.coldestCelsius())));
    }

    private static Finding finding(SupplyState state, double celsius) {
        boolean hot = celsius >= HOT_CELSIUS;
        double share = Math.pow(2, (RATED_CELSIUS - celsius) / HALVING_CELSIUS);
        return RULE.finds(
                hot ? Grade.WRONG : Grade.TIGHT,
                new Target.OfBox(state.module()),
                Text.of("The battery of %s is never below %.0f °C", state.title(), celsius),
                Text.of(
                        hot
                                ? "It lasts %.0f %% of its years there, and most makers allow no charging above 40 °C."
                                : "It lasts %.0f %% of its years there.",
                        share * 100),
                "Move it to a cooler place, or replace it more often.");
    }
}
