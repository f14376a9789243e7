package io.answerback.check;

import io.answerback.job.Battery;
import io.answerback.supply.SupplyState;
import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Stream;

/// A battery that is kept longer than the rules keep one, or soon will be. Says nothing where the day is not known.
final class BatteryDue implements JobRule {
    static final String RULE = "battery-due";

    private static final int SOON_MONTHS = 6;

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.today().stream()
                .flatMap(today ->
                        facts.supplies().states().stream().flatMap(state -> finding(facts, state, today).stream()));
    }

    private static Optional<Finding> finding(JobFacts facts, SupplyState state, LocalDate today) {
        Optional<LocalDate> fitted =
                state.battery().flatMap(its -> its.fitted()).flatMap(Battery::fittedOn);
        Optional<LocalDate> due =
                fitted.map(day -> Battery.dueOn(day, facts.job().practice()));
        return due.filter(day -> day.minusMonths(SOON_MONTHS).isBefore(today))
                .map(day -> finding(state, fitted.orElseThrow(), day, !day.isAfter(today)));
    }

    private static Finding finding(SupplyState state, LocalDate fitted, LocalDate due, boolean over) {
        return new Finding(
                RULE + ":" + state.module(),
                Stop.POWER,
                over ? Grade.TIGHT : Grade.NOTE,
                "",
                state.module(),
                (over ? "The battery of %s is past its date" : "The battery of %s is due soon")
                        .formatted(state.module()),
                "It was fitted on %s and is kept until %s by the rules.".formatted(fitted, due),
                "Replace it at the next visit and write the date on it; an old one loses its hours first in the cold.");
    }
}
