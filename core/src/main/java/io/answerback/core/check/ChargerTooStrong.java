package io.answerback.core.check;

import io.answerback.core.practice.RuleFigure;
import io.answerback.core.supply.SupplyState;
import java.util.stream.Stream;

/// A charger that gives a battery more than it may be charged with.
final class ChargerTooStrong implements JobRule {
    static final String RULE = "charger-too-strong";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        double most = facts.job().practice().figure(RuleFigure.MOST_CHARGE_PERCENT);
        return facts.supplies().states().stream()
                .flatMap(state -> state.battery().stream()
                        .flatMap(battery -> battery.chargePercent(state.unit()).stream())
                        .filter(percent -> percent > most)
                        .map(percent -> finding(state, percent, most)));
    }

    private static Finding finding(SupplyState state, double percent, double most) {
        double rated = state.battery().orElseThrow().ratedAmpHours();
        return new Finding(
                RULE + ":" + state.module(),
                Stop.POWER,
                Grade.WRONG,
                "",
                state.module(),
                "The charger of %s is too strong for its battery".formatted(state.module()),
                "It gives up to %.0f mA, which is %.0f %% of %.1f Ah an hour; the rule allows %.0f %%. A sealed battery heats and loses its life."
                        .formatted(state.unit().chargeMilliamps(), percent, rated, most),
                "Take a battery of %.1f Ah or more, or set the charger lower where it can be. The battery maker's sheet comes first."
                        .formatted(state.unit().chargeMilliamps() / 10 / most));
    }
}
