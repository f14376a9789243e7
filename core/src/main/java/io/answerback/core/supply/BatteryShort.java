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
import io.answerback.core.supply.battery.BatteryState;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/// A battery that does not reach the rule cold and at the end of its life, that its supply cannot charge, or that
/// is not filled again in time.
public final class BatteryShort implements JobCheck {
    /// A battery does not last as long as the rule asks, cold and at the end of its life.
    public static final Rule RULE = new Rule(
            "battery-short",
            Stop.POWER,
            Grade.WRONG,
            "A battery does not last as long as the rule asks, cold and at the end of its life.",
            "The site goes dead during a long mains failure.");

    /// A battery is larger than its supply may charge.
    public static final Rule TOO_LARGE = new Rule(
            "battery-too-large",
            Stop.POWER,
            Grade.WRONG,
            "A battery is larger than its supply may charge.",
            "The charger works at its limit without end, and the battery is never full.");

    /// A battery is not recharged in the time the rule allows.
    public static final Rule SLOW = new Rule(
            "recharge-slow",
            Stop.POWER,
            Grade.WRONG,
            "A battery is not recharged in the time the rule allows.",
            "A second mains failure finds it half empty.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE, TOO_LARGE, SLOW);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(Supplies.FACT).states().stream()
                .flatMap(state -> state.battery().stream()
                        .filter(battery -> battery.fitted().isPresent())
                        .flatMap(battery -> findings(facts, state, battery).stream()));
    }

    private static List<Finding> findings(Facts facts, SupplyState state, BatteryState battery) {
        List<Finding> findings = new ArrayList<>();
        if (!battery.enough()) {
            findings.add(of(
                    RULE,
                    state,
                    Text.of(
                            "The battery of %s reaches %.1f h of %.0f h",
                            state.title(), battery.standbyHours(), battery.ruleHours()),
                    Text.of(
                            "So much is left of %.1f Ah at %.0f °C, at the end of its life, with a design margin of %.2f, after the alarm.%s",
                            battery.ratedAmpHours(),
                            battery.wear().celsius(),
                            battery.wear().designMargin(),
                            unreported(facts, battery)),
                    Text.of(
                            "It needs %.1f Ah. %s",
                            battery.requiredAmpHours(),
                            battery.stockAmpHours()
                                    .map(value -> Text.of("Take %.1f Ah, or take load off it.", value))
                                    .orElse("Take load off it, or put some on a supply of its own."))));
        }
        if (battery.ratedAmpHours() > state.unit().mostAmpHours()) {
            findings.add(of(
                    TOO_LARGE,
                    state,
                    Text.of("The battery of %s is larger than it takes", state.title()),
                    Text.of(
                            "It charges and holds %.1f Ah at the most; this is %.1f Ah.",
                            state.unit().mostAmpHours(), battery.ratedAmpHours()),
                    "Take a smaller one, or put load on a supply of its own."));
        }
        if (battery.recharge().hoursTo80() > battery.rechargeRuleHours()) {
            findings.add(of(
                    SLOW,
                    state,
                    Text.of("The battery of %s is not filled again in time", state.title()),
                    recharge(battery),
                    Text.of(
                            "What is left of %.0f mA beside the quiescent load charges it. Take load off it, or take a smaller battery where that is enough.",
                            state.unit().milliamps())));
        }
        return findings;
    }

    private static String recharge(BatteryState battery) {
        double hours = battery.recharge().hoursTo80();
        return Double.isInfinite(hours)
                ? Text.of(
                        "Nothing is left to charge it with, so it never gets to 80 %%; the rule allows %.0f h.",
                        battery.rechargeRuleHours())
                : Text.of(
                        "It is recharged to 80 %% in %.1f h; the rule allows %.0f h.",
                        hours, battery.rechargeRuleHours());
    }

    private static String unreported(Facts facts, BatteryState battery) {
        double shorter = facts.practice().figure(RuleFigure.STANDBY_HOURS_REPORTED);
        return battery.reported() || shorter >= battery.ruleHours()
                ? ""
                : Text.of(
                        " The rule asks for %.0f h only where a mains failure reaches the station: it needs an account, a receiver on the route, and troubles that are reported.",
                        shorter);
    }

    private static Finding of(Rule rule, SupplyState state, String says, String why, String remedy) {
        return rule.finds(Grade.WRONG, new Target.OfBox(state.module()), says, why, remedy);
    }
}
