package io.answerback.core.supply;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.visit.Today;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.power.Battery;
import io.answerback.core.model.site.Parts;
import io.answerback.core.supply.battery.BatteryState;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A battery that is kept longer than the rules keep one, or soon will be; one without a date, and one whose
/// date has not come yet.
public final class BatteryDue implements JobCheck {
    /// A battery is kept longer than the rules keep one, or will be before the next visit.
    public static final Rule RULE = new Rule(
            "battery-due",
            Stop.POWER,
            Grade.TIGHT,
            "A battery is kept longer than the rules keep one, or will be before the next visit.",
            "An old battery holds up the site for a fraction of its rating.");

    /// A battery has no fitting date.
    public static final Rule UNDATED = new Rule(
            "battery-undated",
            Stop.POWER,
            Grade.NOTE,
            "A battery has no fitting date.",
            "Without the day it was fitted nobody can say when it is due.");

    /// A battery is said to be fitted on a day that has not come yet.
    public static final Rule AHEAD = new Rule(
            "battery-dated-ahead",
            Stop.POWER,
            Grade.WRONG,
            "A battery is said to be fitted on a day that has not come yet.",
            "A wrong date hides when it is due.");

    private static final int SOON_MONTHS = 6;

    @Override
    public List<Rule> rules() {
        return List.of(RULE, UNDATED, AHEAD);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(Supplies.FACT).states().stream()
                .flatMap(state -> state.battery().flatMap(BatteryState::fitted).stream()
                        .flatMap(battery -> battery.fittedOn()
                                .map(fitted -> facts.of(Today.GIVEN).stream()
                                        .flatMap(today -> dated(facts, state, fitted, today).stream()))
                                .orElseGet(() -> Stream.of(undated(state)))));
    }

    private static Optional<Finding> dated(Parts job, SupplyState state, LocalDate fitted, LocalDate today) {
        if (fitted.isAfter(today)) {
            return Optional.of(ahead(state, fitted));
        }
        LocalDate due = Battery.dueOn(fitted, job.practice());
        return due.minusMonths(SOON_MONTHS).isBefore(today)
                ? Optional.of(finding(state, fitted, due, !due.isAfter(today)))
                : Optional.empty();
    }

    private static Finding undated(SupplyState state) {
        return UNDATED.finds(
                new Target.OfBox(state.module()),
                Text.of("The battery of %s has no date", state.title()),
                "Without the day it was fitted nobody can say when it is due.",
                "Write the day on the battery when it is fitted, and here. One that is found without a date counts as old.");
    }

    private static Finding ahead(SupplyState state, LocalDate fitted) {
        return AHEAD.finds(
                new Target.OfBox(state.module()),
                Text.of("The battery of %s is dated ahead", state.title()),
                Text.of("It is said to be fitted on %s, which has not come yet.", fitted),
                "Read the date on the battery again.");
    }

    private static Finding finding(SupplyState state, LocalDate fitted, LocalDate due, boolean over) {
        return RULE.finds(
                over ? Grade.TIGHT : Grade.NOTE,
                new Target.OfBox(state.module()),
                Text.of(over ? "The battery of %s is past its date" : "The battery of %s is due soon", state.title()),
                Text.of("It was fitted on %s and is kept until %s by the rules.", fitted, due),
                "Replace it at the next visit and write the date on it; an old one loses its hours first in the cold.");
    }
}
