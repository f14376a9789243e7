package io.answerback.core.paper;

import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Parts;
import io.answerback.core.supply.StandbyForecast;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyState;
import io.answerback.core.supply.battery.BatteryState;
import io.answerback.core.supply.battery.LeadAcid;
import java.util.ArrayList;
import java.util.List;

/// A supply on paper: the battery's fall against the rule with what it comes to, then every load, then the
/// volts at everything it feeds.
public final class PowerPaper {
    private static final double WIDTH = 297;
    private static final double HEIGHT = 210;
    private static final double MARGIN = 14;
    private static final double SIZE = 3.2;
    private static final double SMALLEST = 2;
    private static final double LINE = 5;
    private static final int MOST_SHORT = 5;
    private static final double LEFT = MARGIN + 12;
    private static final double RIGHT = WIDTH - MARGIN;
    private static final double TOP = 86;
    private static final double BOTTOM = HEIGHT - MARGIN - 8;
    private static final double LOWEST_VOLTS = 10.2;
    private static final double HIGHEST_VOLTS = 13.1;
    private static final int PIECES = 80;
    private static final int TICKS = 8;

    private final SupplyState state;
    private final BatteryState battery;
    private final StandbyForecast hold;
    private final double hours;
    private final Measure measure;
    private final List<PaperElement> page = new ArrayList<>();

    private PowerPaper(SupplyState state, BatteryState battery, StandbyForecast hold, Measure measure) {
        this.measure = measure;
        this.state = state;
        this.battery = battery;
        this.hold = hold;
        double empty = hold.endHours(state.unit().cutOffVolts());
        this.hours = 1.08 * Math.max(battery.ruleHours(), Double.isInfinite(empty) ? battery.ruleHours() : empty);
    }

    /// A supply of a job.
    ///
    /// @param supplies every supply of the job
    /// @param state the one that is put on paper
    public static Paper of(Parts job, Supplies supplies, SupplyState state, Measure measure) {
        List<List<PaperElement>> pages = new ArrayList<>();
        List<String> problems = new ArrayList<>();
        String title = Text.of("%s, supply of %s", job.site().name(), state.title());
        state.battery()
                .ifPresentOrElse(
                        battery -> pages.add(
                                new PowerPaper(state, battery, StandbyForecast.of(battery, job.practice()), measure)
                                        .drawn(title)),
                        () -> problems.add(state.beyond()));
        if (state.battery().filter(its -> its.fitted().isPresent()).isEmpty()) {
            problems.add(Text.of("No battery is decided for %s.", state.title()));
        }
        pages.addAll(TableSetter.pages(PowerTables.of(title, job, supplies, state), measure));
        TableSetter.number(pages, measure);
        return new Paper(title, WIDTH, HEIGHT, pages, problems, List.of());
    }

    private List<PaperElement> drawn(String title) {
        page.add(Fitted.title(title, MARGIN, WIDTH, measure));
        double y = MARGIN + 14;
        for (String line : facts()) {
            Fitted fitted = Fitted.of(line, WIDTH - 2 * MARGIN, SIZE, SMALLEST, false, measure);
            page.add(new PaperElement.Text(MARGIN, y, fitted.size(), false, fitted.words()));
            y += LINE;
        }
        grid();
        level(state.unit().lowVolts(), "battery low is reported");
        level(state.unit().cutOffVolts(), "low-voltage cut-off");
        page.add(new PaperElement.Rule(x(battery.ruleHours()), TOP - 4, x(battery.ruleHours()), BOTTOM, 0.5));
        page.add(new PaperElement.Text(
                x(battery.ruleHours()) + 1.5,
                TOP - 1,
                SIZE,
                true,
                Text.of("rule: %.0f h, then the alarm", battery.ruleHours())));
        curve();
        return page;
    }

    private List<String> facts() {
        List<String> facts = new ArrayList<>();
        facts.add(Text.of(
                "Battery: %s Ah at the coldest of %.0f °C, at the end of its life, design margin %s; the curve too",
                Figures.plain(hold.ratedAmpHours()),
                battery.wear().celsius(),
                Figures.plain(battery.wear().designMargin())));
        facts.add(Text.of("Quiescent %.0f mA, in an alarm %.0f mA", state.milliamps(false), state.milliamps(true)));
        facts.add(Text.of(
                "Reaches %.1f h and the alarm after it; %.0f h are asked for",
                hold.standbyHours(), battery.ruleHours()));
        facts.add(Text.of("Needs %.1f Ah", battery.requiredAmpHours()));
        double back = battery.recharge().hoursTo80();
        facts.add(
                Double.isInfinite(back)
                        ? "Nothing is left to charge it with"
                        : Text.of(
                                "Recharge to 80 %% in %.1f h; %.0f h are allowed", back, battery.rechargeRuleHours()));
        facts.addAll(shortOfVolts());
        facts.add("Rule figures are of the firm's preset: check your edition, local code and the maker's sheet.");
        return facts;
    }

    /// As many as have room above the plot; the table of volts has them all.
    private List<String> shortOfVolts() {
        List<String> all = state.volts().stream()
                .filter(device -> !device.ok())
                .map(device -> Text.of(
                        "SHORT OF VOLTS: %s gets %s at the end of discharge and needs %.1f V",
                        device.title(), PowerTables.figure(device.atEnd()), device.leastVolts()))
                .toList();
        if (all.size() <= MOST_SHORT) {
            return all;
        }
        List<String> few = new ArrayList<>(all.subList(0, MOST_SHORT - 1));
        few.add(Text.of("SHORT OF VOLTS: %d more; see the table of volts", all.size() - few.size()));
        return few;
    }

    private double x(double at) {
        return LEFT + (RIGHT - LEFT) * at / hours;
    }

    private static double y(double volts) {
        return TOP + (BOTTOM - TOP) * (HIGHEST_VOLTS - volts) / (HIGHEST_VOLTS - LOWEST_VOLTS);
    }

    private void grid() {
        for (double volts = LeadAcid.EMPTY_VOLTS; volts <= 13; volts += 0.5) {
            page.add(new PaperElement.Rule(LEFT, y(volts), RIGHT, y(volts), 0.1));
            page.add(new PaperElement.Text(MARGIN, y(volts) + 1, SIZE, false, Text.of("%.1f V", volts)));
        }
        double step = Math.max(1, Math.ceil(hours / TICKS));
        for (double at = 0; at <= hours; at += step) {
            page.add(new PaperElement.Rule(x(at), TOP, x(at), BOTTOM, 0.1));
            page.add(new PaperElement.Text(x(at) - 2, BOTTOM + 5, SIZE, false, Text.of("%.0f h", at)));
        }
    }

    private void level(double volts, String says) {
        page.add(new PaperElement.Rule(LEFT, y(volts), RIGHT, y(volts), 0.3));
        page.add(new PaperElement.Text(LEFT + 2, y(volts) - 1, SIZE, false, Text.of("%s, %.1f V", says, volts)));
    }

    private void curve() {
        double end = Math.min(hours, hold.endHours(state.unit().cutOffVolts()));
        for (int i = 0; i < PIECES; i++) {
            double from = end * i / PIECES;
            double to = end * (i + 1) / PIECES;
            page.add(new PaperElement.Rule(x(from), y(hold.voltsAfter(from)), x(to), y(hold.voltsAfter(to)), 0.7));
        }
    }
}
