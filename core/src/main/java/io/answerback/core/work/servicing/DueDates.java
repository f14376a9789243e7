package io.answerback.core.work.servicing;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.visit.NextVisit;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.power.Battery;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.service.Visit;
import io.answerback.core.model.unit.SimCard;
import io.answerback.core.model.unit.Unit;
import io.answerback.core.work.servicing.DueDate.Kind;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Everything about a site that falls due, in the order of days. Days are those of universal time.
public final class DueDates {
    /// The due dates of a job.
    public static final Fact<List<DueDate>> FACT = Fact.of("due dates", facts -> new DueDates(facts).dates());

    private static final Comparator<DueDate> IN_ORDER =
            Comparator.comparing(DueDate::date).thenComparing(DueDate::kind);

    /// How many service visits are planned ahead.
    private static final int VISITS_AHEAD = 4;

    private final Facts facts;
    private final List<DueDate> dates = new ArrayList<>();

    private DueDates(Facts facts) {
        this.facts = facts;
    }

    private List<DueDate> dates() {
        visits();
        facts.power().batteries().forEach(this::battery);
        deviceBatteries();
        sim();
        facts.of(Drift.FACT)
                .forEach(trend -> trend.crosses()
                        .ifPresent(day -> dates.add(new DueDate(Kind.DRIFT, day, trend.of(), trend.words()))));
        dates.sort(IN_ORDER);
        return List.copyOf(dates);
    }

    private void visits() {
        long months = Math.round(facts.practice().figure(RuleFigure.SERVICE_MONTHS));
        Optional<LocalDate> agreed = facts.service().last().flatMap(Visit::nextDue);
        Optional<LocalDate> first = agreed.or(() -> NextVisit.last(facts)
                .map(at -> at.atZone(ZoneOffset.UTC).toLocalDate().plusMonths(months)));
        first.ifPresent(day -> dates.addAll(ahead(day, months, agreed.isPresent() ? "agreed" : every(months))));
    }

    private static String every(long months) {
        return Text.of("every %d months by the rules", months);
    }

    private static List<DueDate> ahead(LocalDate first, long months, String why) {
        List<DueDate> visits = new ArrayList<>();
        for (int i = 0; i < VISITS_AHEAD; i++) {
            visits.add(new DueDate(
                    Kind.VISIT, first.plusMonths(i * months), "service visit", i == 0 ? why : every(months)));
        }
        return visits;
    }

    /// What falls due of a site that is handed over: where there was no visit before, its visits are reckoned from
    /// that day.
    ///
    /// @param due what falls due, in the order of days
    public static List<DueDate> from(List<DueDate> due, Practice practice, LocalDate handedOver) {
        if (due.stream().anyMatch(date -> date.kind() == Kind.VISIT)) {
            return due;
        }
        long months = Math.round(practice.figure(RuleFigure.SERVICE_MONTHS));
        return Stream.concat(due.stream(), ahead(handedOver.plusMonths(months), months, every(months)).stream())
                .sorted(IN_ORDER)
                .toList();
    }

    private void battery(Battery battery) {
        battery.fittedOn()
                .ifPresent(fitted -> dates.add(new DueDate(
                        Kind.PANEL_BATTERY,
                        Battery.dueOn(fitted, facts.practice()),
                        "battery of " + facts.nameOf(battery.module()),
                        "fitted " + fitted)));
    }

    private void deviceBatteries() {
        long months = Math.round(12 * facts.practice().figure(RuleFigure.DEVICE_BATTERY_YEARS));
        facts.radio()
                .batteries()
                .forEach(battery -> dates.add(new DueDate(
                        Kind.DEVICE_BATTERY,
                        battery.fittedOn().plusMonths(months),
                        "battery of "
                                + facts.point(battery.pointId())
                                        .map(point -> point.id() + " " + point.name())
                                        .orElse(battery.pointId().text()),
                        "fitted " + battery.fittedOn())));
    }

    private void sim() {
        facts.communicator()
                .unit()
                .flatMap(Unit::sim)
                .flatMap(SimCard::activeUntil)
                .ifPresent(day -> dates.add(new DueDate(Kind.SIM, day, "SIM of the communicator", "its plan ends")));
    }
}
