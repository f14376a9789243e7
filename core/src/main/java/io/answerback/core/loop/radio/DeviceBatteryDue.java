package io.answerback.core.loop.radio;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.visit.Today;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.power.DeviceBattery;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A battery inside a wireless device that is kept longer than the rules keep one, or will be before the next
/// visit. Says nothing where the day is not known.
public final class DeviceBatteryDue implements JobCheck {
    /// The battery of a wireless device is kept longer than the rules keep one, or will be before the next visit.
    public static final Rule RULE = new Rule(
            "device-battery-due",
            Stop.BUS,
            Grade.TIGHT,
            "The battery of a wireless device is kept longer than the rules keep one, or will be before the next visit.",
            "A flat battery is a detector that is missing.");

    private static final int SOON_MONTHS = 6;

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(Today.GIVEN).stream()
                .flatMap(today -> facts.of(RadioState.FACT).devices().stream()
                        .flatMap(sender -> finding(facts, sender, today).stream()));
    }

    private static Optional<Finding> finding(Facts facts, Sender sender, LocalDate today) {
        Optional<DeviceBattery> battery = sender.battery();
        Optional<LocalDate> due = battery.map(its -> its.dueOn(facts.practice()));
        return due.filter(day -> day.minusMonths(SOON_MONTHS).isBefore(today))
                .map(day -> finding(sender, battery.orElseThrow(), day, !day.isAfter(today)));
    }

    private static Finding finding(Sender sender, DeviceBattery battery, LocalDate due, boolean over) {
        return RULE.finds(
                over ? Grade.TIGHT : Grade.NOTE,
                new Target.OfPoint(sender.pointId()),
                over ? "The battery inside it is past its date" : "The battery inside it is due soon",
                Text.of("It was fitted on %s and is kept until %s by the rules.", battery.fittedOn(), due),
                "Change it at the next visit, for the type its maker names, and write the date inside the cover.");
    }
}
