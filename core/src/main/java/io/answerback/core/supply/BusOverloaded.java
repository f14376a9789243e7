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

/// More fed over the keypad bus than the panel's maker allows.
public final class BusOverloaded implements JobCheck {
    /// More is fed over the keypad bus than the maker allows.
    public static final Rule RULE = new Rule(
            "bus-overloaded",
            Stop.POWER,
            Grade.WRONG,
            "More is fed over the keypad bus than the maker allows.",
            "Its volts fall in an alarm, just when keypads and expanders are needed.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        BusLoad bus = facts.of(Supplies.FACT).bus();
        return bus.overloaded() ? Stream.of(finding(bus)) : Stream.empty();
    }

    private static Finding finding(BusLoad bus) {
        return RULE.finds(
                new Target.OfJob(),
                "The keypad bus feeds more than it may",
                Text.of(
                        "Its modules and what hangs on them take %.0f mA in an alarm; the profile allows %.0f mA.",
                        bus.alarmMilliamps(), bus.limitMilliamps()),
                "Give an expander a supply of its own, or feed its detectors from another output.");
    }
}
