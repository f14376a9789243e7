package io.answerback.check;

import io.answerback.supply.BatteryState;
import io.answerback.supply.SupplyState;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/// A battery that does not reach the rule cold and at the end of its life, that its supply cannot charge, or that
/// is not filled again in time.
final class BatteryShort implements JobRule {
    static final String RULE = "battery-short";
    static final String TOO_LARGE = "battery-too-large";
    static final String SLOW = "recharge-slow";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.supplies().states().stream()
                .flatMap(state -> state.battery().stream()
                        .filter(battery -> battery.fitted().isPresent())
                        .flatMap(battery -> findings(state, battery).stream()));
    }

    private static List<Finding> findings(SupplyState state, BatteryState battery) {
        List<Finding> findings = new ArrayList<>();
        if (!battery.enough()) {
            findings.add(of(
                    RULE,
                    state,
                    "The battery of %s reaches %.1f h of %.0f h"
                            .formatted(state.module(), battery.standbyHours(), battery.ruleHours()),
                    "So much is left of %.1f Ah at %.0f °C, at the end of its life, with a quarter kept back, after the alarm."
                            .formatted(battery.ratedAmpHours(), battery.wear().celsius()),
                    "It needs %.1f Ah. %s"
                            .formatted(
                                    battery.requiredAmpHours(),
                                    battery.stockAmpHours()
                                            .map("Take %.1f Ah, or take load off it."::formatted)
                                            .orElse("Take load off it, or put some on a supply of its own."))));
        }
        if (battery.ratedAmpHours() > state.unit().mostAmpHours()) {
            findings.add(of(
                    TOO_LARGE,
                    state,
                    "The battery of %s is larger than it takes".formatted(state.module()),
                    "It charges and holds %.1f Ah at the most; this is %.1f Ah."
                            .formatted(state.unit().mostAmpHours(), battery.ratedAmpHours()),
                    "Take a smaller one, or put load on a supply of its own."));
        }
        if (battery.recharge().hoursTo80() > battery.rechargeRuleHours()) {
            findings.add(of(
                    SLOW,
                    state,
                    "The battery of %s is not filled again in time".formatted(state.module()),
                    "80 %% are back after %s; the rule allows %.0f h."
                            .formatted(hours(battery.recharge().hoursTo80()), battery.rechargeRuleHours()),
                    "What is left of %.0f mA beside the standing load charges it. Take load off it, or take a smaller battery where that is enough."
                            .formatted(state.unit().milliamps())));
        }
        return findings;
    }

    private static String hours(double hours) {
        return Double.isInfinite(hours) ? "never" : "%.1f h".formatted(hours);
    }

    private static Finding of(String rule, SupplyState state, String says, String why, String remedy) {
        return new Finding(rule + ":" + state.module(), Stop.POWER, Grade.WRONG, "", state.module(), says, why, remedy);
    }
}
