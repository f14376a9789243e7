package io.answerback.core.check;

import io.answerback.core.site.Battery;
import io.answerback.core.site.Job;
import io.answerback.core.supply.BatteryState;
import io.answerback.core.supply.SupplyState;
import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Stream;

/// A battery that is kept longer than the rules keep one, or soon will be; one without a date, and one whose
/// date has not come yet.
final class BatteryDue implements JobRule {
    static final String RULE = "battery-due";
    static final String UNDATED = "battery-undated";
    static final String AHEAD = "battery-dated-ahead";

    private static final int SOON_MONTHS = 6;

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.supplies().states().stream()
                .flatMap(state -> state.battery().flatMap(BatteryState::fitted).stream()
                        .flatMap(battery -> battery.fittedOn()
                                .map(fitted -> facts.today().stream()
                                        .flatMap(today -> dated(facts.job(), state, fitted, today).stream()))
                                .orElseGet(() -> Stream.of(undated(state)))));
    }

    private static Optional<Finding> dated(Job job, SupplyState state, LocalDate fitted, LocalDate today) {
        if (fitted.isAfter(today)) {
            return Optional.of(ahead(state, fitted));
        }
        LocalDate due = Battery.dueOn(fitted, job.practice());
        return due.minusMonths(SOON_MONTHS).isBefore(today)
                ? Optional.of(finding(state, fitted, due, !due.isAfter(today)))
                : Optional.empty();
    }

    private static Finding undated(SupplyState state) {
        return new Finding(
                UNDATED + ":" + state.module(),
                Stop.POWER,
                Grade.NOTE,
                "",
                state.module(),
                "The battery of %s has no date".formatted(state.module()),
                "Without the day it was fitted nobody can say when it is due.",
                "Write the day on the battery when it is fitted, and here. One that is found without a date counts as old.");
    }

    private static Finding ahead(SupplyState state, LocalDate fitted) {
        return new Finding(
                AHEAD + ":" + state.module(),
                Stop.POWER,
                Grade.WRONG,
                "",
                state.module(),
                "The battery of %s is dated ahead".formatted(state.module()),
                "It is said to be fitted on %s, which has not come yet.".formatted(fitted),
                "Read the date on the battery again.");
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
