package io.answerback.core.check;

import io.answerback.core.radio.Sender;
import io.answerback.core.site.DeviceBattery;
import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Stream;

/// A battery inside a wireless device that is kept longer than the rules keep one, or will be before the
/// next visit. Says
/// nothing where the day is not known.
final class DeviceBatteryDue implements JobRule {
    static final String RULE = "device-battery-due";

    private static final int SOON_MONTHS = 6;

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.today().stream()
                .flatMap(today ->
                        facts.radio().devices().stream().flatMap(sender -> finding(facts, sender, today).stream()));
    }

    private static Optional<Finding> finding(JobFacts facts, Sender sender, LocalDate today) {
        Optional<DeviceBattery> battery = sender.battery();
        Optional<LocalDate> due = battery.map(its -> its.dueOn(facts.job().practice()));
        return due.filter(day -> day.minusMonths(SOON_MONTHS).isBefore(today))
                .map(day -> finding(sender, battery.orElseThrow(), day, !day.isAfter(today)));
    }

    private static Finding finding(Sender sender, DeviceBattery battery, LocalDate due, boolean over) {
        return new Finding(
                RULE + ":" + sender.pointId(),
                Stop.BUS,
                over ? Grade.TIGHT : Grade.NOTE,
                sender.pointId(),
                "",
                over ? "The battery inside it is past its date" : "The battery inside it is due soon",
                "It was fitted on %s and is kept until %s by the rules.".formatted(battery.fittedOn(), due),
                "Change it at the next visit, for the type its maker names, and write the date inside the cover.");
    }
}
