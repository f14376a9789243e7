package io.answerback.desktop.power;

import io.answerback.core.battery.BatteryState;
import io.answerback.core.battery.LeadAcid;
import io.answerback.core.common.FigureReader;
import io.answerback.core.common.Figures;
import io.answerback.core.edit.PowerEdits;
import io.answerback.core.power.Battery;
import io.answerback.core.power.BatteryChange;
import io.answerback.core.practice.RuleFigure;
import io.answerback.core.site.Job;
import io.answerback.core.supply.StandbyForecast;
import io.answerback.core.supply.SupplyState;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.ValueField;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/// How long a supply's battery holds up, with sliders for what might be otherwise.
final class HoldSheet extends Sheet {
    private static final List<Integer> PARALLEL = List.of(1, 2, 3, 4);

    private final OpenJob openJob;
    private final InstantSource clock;
    private final PowerPrint print;
    private final SupplyChoice choice;
    private final FallDrawing fall;
    private final WhatIfSliders sliders;
    private final VBox facts = new VBox();

    HoldSheet(OpenJob openJob, Look look, InstantSource clock, PowerPrint print) {
        this.openJob = openJob;
        this.clock = clock;
        this.print = print;
        this.choice = new SupplyChoice(() -> show(openJob.now()));
        this.fall = new FallDrawing(look);
        this.sliders = new WhatIfSliders(look, this::draw);
        facts.getStyleClass().add("gaps");
        instrument.getChildren().setAll(facts);
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
    public void show(WindowState state) {
        Optional<SupplyState> supply = choice.of(state);
        sheet.getChildren().clear();
        facts.getChildren().clear();
        if (supply.isEmpty() || supply.get().battery().isEmpty()) {
            sheet.getChildren()
                    .add(
                            Words.wrapped(
                                    Words.of(
                                            "empty",
                                            supply.map(SupplyState::beyond)
                                                    .orElse(
                                                            "The panel's profile names no supply, so nothing can be said of its battery."))));
            return;
        }
        BatteryState battery = supply.get().battery().get();
        sliders.show(StandbyForecast.of(battery, state.job().practice()));
        sheet.getChildren().addAll(fields(state, supply.get(), battery), fall, sliders.node());
        facts(supply.get(), battery);
        draw(sliders.now());
    }

    private void draw(StandbyForecast hold) {
        choice.of(openJob.now())
                .ifPresent(supply -> supply.battery().ifPresent(battery -> {
                    fall.show(hold, supply.unit(), battery.ruleHours(), supply.volts());
                }));
    }

    private Flow fields(WindowState state, SupplyState supply, BatteryState battery) {
        Flow row = new Flow(choice.node(state));
        row.getStyleClass().add("switches");
        if (battery.fitted().isEmpty()) {
            battery.stockAmpHours()
                    .ifPresent(size -> row.getChildren()
                            .add(Tool.of(
                                    "Fit " + ampHours(size),
                                    "the smallest that is sold and reaches the rule",
                                    () -> openJob.apply(PowerEdits.battery(new Battery(
                                            supply.module(),
                                            size,
                                            1,
                                            BatteryState.INDOORS_CELSIUS,
                                            Optional.empty()))))));
            row.getChildren().add(Words.quiet("it is drawn as if it were there"));
            return row;
        }
        Battery fitted = battery.fitted().get();
        row.getChildren()
                .addAll(
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
                        new ValueField(
                                "Coldest at the battery",
                                "%.0f °C".formatted(fitted.coldestCelsius()),
                                typed -> celsius(fitted, typed)),
                        Words.quiet("fitted"),
                        new ValueField(
                                "Fitted on",
                                fitted.fittedOn().map(LocalDate::toString).orElse("not yet"),
                                typed -> fittedOn(fitted, typed)));
        return row;
    }

    private boolean change(Battery fitted, UnaryOperator<Battery> change) {
        return openJob.apply(PowerEdits.battery(change.apply(fitted)));
    }

    private boolean celsius(Battery fitted, String typed) {
        return openJob.apply(FigureReader.read(typed.replace("°C", "").replace('−', '-'), "temperature in °C")
                .then(celsius -> PowerEdits.battery(fitted.withColdestCelsius(celsius))));
    }

    private boolean fittedOn(Battery fitted, String typed) {
        try {
            Optional<LocalDate> day = typed.isBlank() || typed.equals("not yet")
                    ? Optional.empty()
                    : Optional.of(LocalDate.parse(typed.strip()));
            return change(fitted, its -> its.withFittedOn(day));
        } catch (DateTimeParseException wrong) {
            openJob.tell("\"%s\" is no date; type it as 2026-05-31".formatted(typed));
            return false;
        }
    }

    private void facts(SupplyState supply, BatteryState battery) {
        facts.getChildren().add(Words.title("The battery against the rule"));
        if (battery.fitted().isPresent()) {
            reached(supply, battery);
        } else {
            fact("no battery yet", wouldDo(battery));
        }
        battery.fitted().ifPresent(this::dates);
        fact(
                "%.0f mA and %.0f mA".formatted(supply.milliamps(false), supply.milliamps(true)),
                "quiescent, and in an alarm");
        Node caution = Words.wrapped(
                Words.of(
                        "caution",
                        "A battery can weld a screwdriver and burn: rings off, leads insulated, never in a gas-tight box. Figures defer to the maker's sheet and local code."));
        facts.getChildren()
                .addAll(
                        caution,
                        Tool.of(
                                "Save as PDF or SVG…",
                                "the fall, the load list and the volts, to be printed",
                                () -> print.ask(supply)));
    }

    private static String wouldDo(BatteryState battery) {
        return battery.stockAmpHours()
                .map(size -> "%s would do: %.1f Ah are needed for %.0f h"
                        .formatted(ampHours(size), battery.requiredAmpHours(), battery.ruleHours()))
                .orElse("%.1f Ah are needed for %.0f h; none that this supply takes is enough"
                        .formatted(battery.requiredAmpHours(), battery.ruleHours()));
    }

    private void reached(SupplyState supply, BatteryState battery) {
        fact(
                "%.1f h of %.0f h".formatted(battery.standbyHours(), battery.ruleHours()),
                "cold, at the end of its life, with the design margin of %s, and the alarm after it; the plot is on the same basis"
                        .formatted(Figures.plain(battery.wear().designMargin())));
        fact("%.1f h".formatted(battery.standbyHoursNew()), "new and warm");
        fact(
                "%.1f Ah needed".formatted(battery.requiredAmpHours()),
                battery.stockAmpHours()
                        .map(size -> "the smallest that is sold is " + ampHours(size))
                        .orElse("none that this supply takes is enough"));
        double back = battery.recharge().hoursTo80();
        fact(
                Double.isInfinite(back) ? "never recharged" : "recharge to 80 %% in %.1f h".formatted(back),
                "the rule allows %.0f h; %.0f mA charge it at the most"
                        .formatted(battery.rechargeRuleHours(), supply.unit().chargeMilliamps()));
    }

    /// When it is due, what stood there before, and the step that puts a new one in.
    private void dates(Battery fitted) {
        Job job = openJob.now().job();
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        fitted.fittedOn()
                .map(day -> Battery.dueOn(day, job.practice()))
                .ifPresent(due -> fact(
                        (due.isAfter(today) ? "due by " : "was due by ") + due,
                        "kept %.0f years by the rules".formatted(job.practice().figure(RuleFigure.BATTERY_YEARS))));
        job.power().changes().stream()
                .filter(change -> change.battery().module().equals(fitted.module()))
                .map(HoldSheet::before)
                .forEach(says -> facts.getChildren().add(Words.wrapped(Words.quiet(says))));
        facts.getChildren()
                .add(Tool.of(
                        "Replaced today",
                        "a new battery of the same size, fitted today; the old one is kept on record",
                        () -> openJob.apply(PowerEdits.replaced(fitted, today))));
    }

    private static String before(BatteryChange change) {
        return "before it %s%s, taken out on %s"
                .formatted(
                        ampHours(change.battery().ratedAmpHours()),
                        change.battery().fittedOn().map(day -> " of " + day).orElse(""),
                        change.replacedOn());
    }

    private void fact(String figure, String about) {
        facts.getChildren().addAll(Words.wrapped(Words.of("finding-says", figure)), Words.wrapped(Words.quiet(about)));
    }

    private static String ampHours(double ampHours) {
        return Figures.plain(ampHours) + " Ah";
    }
}
