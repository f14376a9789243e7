package io.answerback.desktop.handover;

import io.answerback.core.engine.edit.ServiceEdits;
import io.answerback.core.model.common.Typed;
import io.answerback.core.model.service.Crew;
import io.answerback.core.work.duration.DayPlan;
import io.answerback.core.work.duration.Rate;
import io.answerback.core.work.duration.Rates;
import io.answerback.core.work.duration.WorkCount;
import io.answerback.core.work.duration.WorkCounts;
import io.answerback.core.work.duration.WorkTime;
import io.answerback.desktop.part.Gauge;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Rows;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.With;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/// How long the work takes, stop by stop and day by day, by the rates of the firm.
final class TimeSheet extends PartSheet {
    private static final double STOP_WIDTH = 110;
    private static final double BAR_WIDTH = 220;
    private static final double MINUTES_AN_HOUR = 60;

    private final Actions actions;
    private final RateBook book;
    private final InstantSource clock;

    TimeSheet(Actions actions, RateBook book, InstantSource clock) {
        this.actions = actions;
        this.book = book;
        this.clock = clock;
    }

    @Override
    public String title() {
        return "How long it takes";
    }

    private static String hours(double minutes) {
        return minutes < MINUTES_AN_HOUR
                ? String.format(Locale.ROOT, "%.0f min", minutes)
                : String.format(Locale.ROOT, "%.1f h", minutes / MINUTES_AN_HOUR);
    }

    @Override
    public String about(WindowState state) {
        WorkTime left = WorkTime.total(state.assessment().get(WorkCounts.FACT), book.rates(), true);
        return "%s left, %s to %s in four of five cases"
                .formatted(hours(left.minutes()), hours(left.least()), hours(left.most()));
    }

    @Override
    public List<Part> middle(WindowState state) {
        List<WorkCount> work = state.assessment().get(WorkCounts.FACT);
        Rates rates = book.rates();
        List<WorkTime.OfStop> stops = WorkTime.byStop(work, rates);
        List<Part> parts = new ArrayList<>();
        parts.add(crew(state.job().service().crew()));
        List<With> rows = new ArrayList<>();
        rows.add(Words.title("Stop by stop").keyed("stops"));
        stops.forEach(stop -> rows.add(stop(stop).keyed(stop.stop().name())));
        rows.add(Words.title("Day by day").keyed("days"));
        days(state, stops).forEach(rows::add);
        rows.add(Words.title("Rates").keyed("rates"));
        work.forEach(count -> rows.add(
                rate(count, rates.of(count.kind())).keyed("rate " + count.kind().name())));
        parts.add(new Rows("How long the work takes", rows, -1).growing().asPart());
        return parts;
    }

    private Part crew(Crew crew) {
        return Parts.flow(
                        Words.quiet("People"),
                        Value.of(
                                "People who work side by side",
                                Integer.toString(crew.people()),
                                typed -> change(() -> new Crew(
                                        Integer.parseInt(typed.strip()), crew.hoursADay(), crew.handOverOn()))),
                        Words.quiet("hours a day on site"),
                        Value.of(
                                "Hours a day on site",
                                String.format(Locale.ROOT, "%.1f", crew.hoursADay()),
                                typed -> change(() ->
                                        new Crew(crew.people(), Double.parseDouble(typed.strip()), crew.handOverOn()))),
                        Words.quiet("handed over on"),
                        Value.of(
                                "Day of handing over",
                                crew.handOverOn().map(LocalDate::toString).orElse("nobody said"),
                                typed -> change(
                                        () -> new Crew(crew.people(), crew.hoursADay(), Optional.of(day(typed))))))
                .style("switches")
                .group();
    }

    private static LocalDate day(String typed) {
        try {
            return LocalDate.parse(typed.strip());
        } catch (java.time.DateTimeException wrong) {
            throw new IllegalArgumentException("a day is typed as 2027-05-31", wrong);
        }
    }

    private boolean change(java.util.function.Supplier<Crew> crew) {
        return actions.apply(Typed.of(() -> ServiceEdits.crew(crew.get())));
    }

    private static Part stop(WorkTime.OfStop stop) {
        double all = stop.all().minutes();
        double done = all - stop.left().minutes();
        return Group.row(
                        Words.of("told-name", stop.stop().title()).wide(STOP_WIDTH),
                        new Gauge(done, all, "%.0f of %.0f minutes done".formatted(done, all)).wide(BAR_WIDTH),
                        Words.wrapped(Words.of(
                                        "prove-words",
                                        "%s left of %s; %s to %s"
                                                .formatted(
                                                        hours(stop.left().minutes()),
                                                        hours(all),
                                                        hours(stop.left().least()),
                                                        hours(stop.left().most()))))
                                .growing())
                .style("plan-row", "kept-row");
    }

    private List<With> days(WindowState state, List<WorkTime.OfStop> stops) {
        LocalDate today = clock.instant().atZone(ZoneId.systemDefault()).toLocalDate();
        DayPlan plan = DayPlan.of(stops, state.job().service().crew(), today);
        List<With> rows = new ArrayList<>();
        plan.late()
                .ifPresent(due -> rows.add(Words.wrapped(Words.of(
                                "printed-problem",
                                "Late: the last day is %s, and it is handed over on %s."
                                        .formatted(plan.days().getLast().date(), due)))
                        .keyed("late")));
        plan.days()
                .forEach(day -> rows.add(Group.row(
                                Words.of("code", day.date().toString()).wide(STOP_WIDTH),
                                Words.wrapped(Words.of(
                                                "prove-words",
                                                day.parts().stream()
                                                        .map(part -> part.stop().title() + " " + hours(part.minutes()))
                                                        .collect(Collectors.joining(", "))))
                                        .growing())
                        .style("plan-row", "kept-row")
                        .keyed("day " + day.date())));
        if (plan.days().isEmpty()) {
            rows.add(Words.quiet("Nothing is left to do.").keyed("no day"));
        }
        return rows;
    }

    private static Part rate(WorkCount count, Rate rate) {
        String from = rate.jobs() == 0 ? "working value" : "measured on %d jobs".formatted(rate.jobs());
        return Group.row(
                        Words.of("code", String.format(Locale.ROOT, "%.2f min", rate.minutes()))
                                .wide(STOP_WIDTH),
                        Words.wrapped(Words.of("told-name", count.kind().words()))
                                .wide(BAR_WIDTH),
                        Words.wrapped(Words.quiet(String.format(
                                        Locale.ROOT,
                                        "± %.2f · %s · %.0f left of %.0f",
                                        rate.spread(),
                                        from,
                                        count.left(),
                                        count.all())))
                                .growing())
                .style("plan-row", "kept-row");
    }

    @Override
    public List<Part> beside(WindowState state) {
        return List.of(
                Words.title("Where the minutes come from"),
                Words.wrapped(
                        Words.quiet(
                                "Counts come from the job. Rates begin as working values of the trade; at the end of each visit the times between its ticks correct them: entries, cores, readings and lines of a walk. A gap of more than ten minutes counts for nothing.")));
    }
}
