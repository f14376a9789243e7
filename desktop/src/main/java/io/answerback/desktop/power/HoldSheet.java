package io.answerback.desktop.power;

import io.answerback.core.engine.edit.PowerEdits;
import io.answerback.core.model.common.FigureReader;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.power.Battery;
import io.answerback.core.model.power.BatteryChange;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.site.Job;
import io.answerback.core.supply.StandbyForecast;
import io.answerback.core.supply.SupplyState;
import io.answerback.core.supply.battery.BatteryState;
import io.answerback.core.supply.battery.LeadAcid;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Drawn;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FirstSteps;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/// How long a supply's battery holds up, with sliders for what might be otherwise.
final class HoldSheet extends PartSheet {
    private static final List<Integer> PARALLEL = List.of(1, 2, 3, 4);

    private final Actions actions;
    private final InstantSource clock;
    private final PowerPrint print;
    private final SupplyChoice choice;
    private final WhatIfSliders sliders;

    HoldSheet(Actions actions, InstantSource clock, PowerPrint print) {
        this.actions = actions;
        this.clock = clock;
        this.print = print;
        this.choice = new SupplyChoice(this::showAgain);
        this.sliders = new WhatIfSliders(this::showAgain);
    }

    @Override
    public String title() {
        return "How long it holds up";
    }

    @Override
    public String about(WindowState state) {
        return choice.of(state)
                .flatMap(SupplyState::battery)
                .map(battery -> "%s, cold, aged, design margin %s"
                        .formatted(
                                battery.fitted().isPresent() ? ampHours(battery.ratedAmpHours()) : "no battery yet",
                                Figures.plain(battery.wear().designMargin())))
                .orElse("");
    }

    @Override
    public List<Part> middle(WindowState state) {
        Optional<SupplyState> supply = choice.of(state);
        if (supply.flatMap(SupplyState::battery).isEmpty()) {
            return List.of(Words.empty(supply.map(SupplyState::beyond)
                    .orElse("The panel's profile names no supply, so nothing can be said of its battery.")));
        }
        BatteryState battery = supply.get().battery().get();
        StandbyForecast forecast = StandbyForecast.of(battery, state.job().practice());
        FallDrawing fall = new FallDrawing(
                sliders.asked(forecast),
                supply.get().unit(),
                battery.ruleHours(),
                supply.get().volts());
        List<Part> parts = new ArrayList<>();
        FirstSteps.points(
                        actions,
                        "There is no point yet, so this is the panel's own load. Type the points, and their load is added.")
                .ifPresent(parts::add);
        parts.add(fields(state, supply.get(), battery).style("switches"));
        parts.add(new Drawn(fall));
        parts.add(sliders.part(forecast));
        return parts;
    }

    private Group fields(WindowState state, SupplyState supply, BatteryState battery) {
        Group row = Group.flow(choice.part(state));
        return battery.fitted()
                .map(fitted -> row.and(fitted(fitted)))
                .orElseGet(() -> row.and(notFitted(supply, battery)));
    }

    private List<Part> notFitted(SupplyState supply, BatteryState battery) {
        List<Part> parts = new ArrayList<>();
        battery.stockAmpHours()
                .ifPresent(size -> parts.add(Tool.of(
                        "Fit " + ampHours(size),
                        "the smallest that is sold and reaches the rule",
                        () -> actions.apply(PowerEdits.battery(new Battery(
                                supply.module(), size, 1, BatteryState.INDOORS_CELSIUS, Optional.empty()))))));
        parts.add(Words.quiet("the curve shows this size"));
        return parts;
    }

    private List<Part> fitted(Battery fitted) {
        return List.of(
                Choice.of(
                        "Battery",
                        LeadAcid.STOCK_AMP_HOURS,
                        fitted.ampHours(),
                        HoldSheet::ampHours,
                        size -> change(fitted, its -> its.withAmpHours(size))),
                Choice.of(
                        "Batteries in parallel",
                        PARALLEL,
                        fitted.parallel(),
                        count -> count == 1 ? "one" : count + " in parallel",
                        count -> change(fitted, its -> its.withParallel(count))),
                Words.quiet("coldest"),
                Value.of(
                        "Coldest at the battery",
                        "%.0f °C".formatted(fitted.coldestCelsius()),
                        typed -> celsius(fitted, typed)),
                Words.quiet("fitted"),
                Value.of(
                        "Fitted on",
                        fitted.fittedOn().map(LocalDate::toString).orElse("not yet"),
                        typed -> fittedOn(fitted, typed)));
    }

    private boolean change(Battery fitted, UnaryOperator<Battery> change) {
        return actions.apply(PowerEdits.battery(change.apply(fitted)));
    }

    private boolean celsius(Battery fitted, String typed) {
        return actions.apply(FigureReader.read(typed.replace("°C", "").replace('−', '-'), "temperature in °C")
                .then(celsius -> PowerEdits.battery(fitted.withColdestCelsius(celsius))));
    }

    private boolean fittedOn(Battery fitted, String typed) {
        try {
            Optional<LocalDate> day = typed.isBlank() || typed.equals("not yet")
                    ? Optional.empty()
                    : Optional.of(LocalDate.parse(typed.strip()));
            return change(fitted, its -> its.withFittedOn(day));
        } catch (DateTimeParseException wrong) {
            actions.tell("\"%s\" is no date; type it as 2026-05-31".formatted(typed));
            return false;
        }
    }

    @Override
    public List<Part> beside(WindowState state) {
        return choice.of(state)
                .flatMap(supply -> supply.battery().map(battery -> facts(state, supply, battery)))
                .map(parts -> List.<Part>of(Group.column(parts).style("gaps")))
                .orElse(List.of());
    }

    private List<Part> facts(WindowState state, SupplyState supply, BatteryState battery) {
        List<Part> parts = new ArrayList<>();
        parts.add(Words.title("The battery against the rule"));
        parts.addAll(
                battery.fitted().isPresent() ? reached(supply, battery) : fact("no battery yet", wouldDo(battery)));
        battery.fitted().ifPresent(fitted -> parts.addAll(dates(state.job(), fitted)));
        parts.addAll(fact(
                "%.0f mA and %.0f mA".formatted(supply.milliamps(false), supply.milliamps(true)),
                "quiescent, and in an alarm"));
        parts.add(
                Words.caution(
                        "A battery can weld a screwdriver and burn: rings off, leads insulated, never in a gas-tight box. Figures defer to the maker's sheet and local code."));
        parts.add(Tool.of(
                "Save as PDF or SVG…",
                "the fall, the load list and the volts, to be printed",
                () -> print.ask(supply)));
        return parts;
    }

    private static String wouldDo(BatteryState battery) {
        return battery.stockAmpHours()
                .map(size -> "%s would do: %.1f Ah are needed for %.0f h"
                        .formatted(ampHours(size), battery.requiredAmpHours(), battery.ruleHours()))
                .orElse("%.1f Ah are needed for %.0f h; none that this supply takes is enough"
                        .formatted(battery.requiredAmpHours(), battery.ruleHours()));
    }

    private List<Part> reached(SupplyState supply, BatteryState battery) {
        List<Part> parts = new ArrayList<>();
        parts.addAll(fact(
                "%.1f h of %.0f h".formatted(battery.standbyHours(), battery.ruleHours()),
                "cold, at the end of its life, with the design margin of %s, and the alarm after it; the plot is on the same basis"
                        .formatted(Figures.plain(battery.wear().designMargin()))));
        parts.addAll(fact("%.1f h".formatted(battery.standbyHoursNew()), "new and warm"));
        parts.addAll(fact(
                "%.1f Ah needed".formatted(battery.requiredAmpHours()),
                battery.stockAmpHours()
                        .map(size -> "the smallest that is sold is " + ampHours(size))
                        .orElse("none that this supply takes is enough")));
        double back = battery.recharge().hoursTo80();
        parts.addAll(fact(
                Double.isInfinite(back) ? "never recharged" : "recharge to 80 %% in %.1f h".formatted(back),
                "the rule allows %.0f h; %.0f mA charge it at the most"
                        .formatted(battery.rechargeRuleHours(), supply.unit().chargeMilliamps())));
        return parts;
    }

    /// When it is due, what stood there before, and the step that puts a new one in.
    private List<Part> dates(Job job, Battery fitted) {
        List<Part> parts = new ArrayList<>();
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        fitted.fittedOn()
                .map(day -> Battery.dueOn(day, job.practice()))
                .ifPresent(due -> parts.addAll(fact(
                        (due.isAfter(today) ? "due by " : "was due by ") + due,
                        "kept %.0f years by the rules".formatted(job.practice().figure(RuleFigure.BATTERY_YEARS)))));
        job.power().changes().stream()
                .filter(change -> change.battery().module().equals(fitted.module()))
                .map(HoldSheet::before)
                .forEach(says -> parts.add(Words.wrapped(Words.quiet(says))));
        parts.add(Tool.of(
                "Replaced today",
                "a new battery of the same size, fitted today; the old one is kept on record",
                () -> actions.apply(PowerEdits.replaced(fitted, today))));
        return parts;
    }

    private static String before(BatteryChange change) {
        return "before it %s%s, taken out on %s"
                .formatted(
                        ampHours(change.battery().ratedAmpHours()),
                        change.battery().fittedOn().map(day -> " of " + day).orElse(""),
                        change.replacedOn());
    }

    private static List<Part> fact(String figure, String about) {
        return List.of(Words.wrapped(Words.of("finding-says", figure)), Words.wrapped(Words.quiet(about)));
    }

    private static String ampHours(double ampHours) {
        return Figures.plain(ampHours) + " Ah";
    }
}
