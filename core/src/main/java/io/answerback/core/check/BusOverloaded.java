package io.answerback.core.check;

import io.answerback.core.supply.BusLoad;
import java.util.stream.Stream;

/// More fed over the keypad bus than the panel's maker allows.
final class BusOverloaded implements JobRule {
    static final String RULE = "bus-overloaded";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        BusLoad bus = facts.supplies().bus();
        return bus.overloaded() ? Stream.of(finding(bus)) : Stream.empty();
    }

    private static Finding finding(BusLoad bus) {
        return new Finding(
                RULE,
                Stop.POWER,
                Grade.WRONG,
                "",
                "",
                "The keypad bus feeds more than it may",
                "Its modules and what hangs on them take %.0f mA in an alarm; the profile allows %.0f mA."
                        .formatted(bus.alarmMilliamps(), bus.limitMilliamps()),
                "Give an expander a supply of its own, or feed its detectors from another output.");
    }
}
