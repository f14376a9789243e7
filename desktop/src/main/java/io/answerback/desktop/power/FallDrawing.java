package io.answerback.desktop.power;

import io.answerback.core.model.profile.SupplyUnit;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.StandbyForecast;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Picture;
import java.util.List;

/// The battery's volts over the hours without mains, as it is asked for and new, with the line of the rule, the
/// report of a low battery, the low-voltage cut-off, and where each device that is short drops out. All but the
/// new battery is counted cold, aged and with the design margin.
final class FallDrawing extends Picture {
    private static final double LEFT = 52;
    private static final double TOP = 26;
    private static final double LEAST_HEIGHT = 262;
    private static final double FOOT = 26;
    private static final double LOWEST_VOLTS = 10.2;
    private static final double ROOM_BELOW_VOLTS = 0.2;
    private static final double HIGHEST_VOLTS = 13.1;
    private static final double VOLTS_STEP = 0.5;
    private static final int PIECES = 90;
    private static final double MOST_HOURS = 400;
    private static final List<Double> STEPS = List.of(1.0, 2.0, 4.0, 6.0, 12.0, 24.0, 48.0, 96.0);
    private static final int MOST_TICKS = 8;
    private static final double WORD_GAP = 15;

    private final StandbyForecast hold;
    private final SupplyUnit unit;
    private final double ruleHours;
    private final List<DeviceVolts> falling;
    private double right;
    private double hours;
    private double high;

    FallDrawing(StandbyForecast hold, SupplyUnit unit, double ruleHours, List<DeviceVolts> falling) {
        super("fall-drawing");
        this.hold = hold;
        this.unit = unit;
        this.ruleHours = ruleHours;
        this.falling = List.copyOf(falling);
    }

    @Override
    public boolean fillsHeight() {
        return true;
    }

    @Override
    public String says() {
        return "It reaches %.1f hours and then the alarm; %.0f are asked for".formatted(hold.standbyHours(), ruleHours);
    }

    @Override
    public double height() {
        return LEAST_HEIGHT;
    }

    @Override
    protected void draw(double width) {
        right = width - 16;
        high = heightThereIs();
        hours = span();
        grid();
        level("fall-low", unit.lowVolts(), "battery low is reported, %.1f V".formatted(unit.lowVolts()));
        level("fall-off", unit.cutOffVolts(), "low-voltage cut-off, %.1f V".formatted(unit.cutOffVolts()));
        rule();
        StandbyForecast anew = hold.asNew();
        curve("fall-new", anew);
        double middle = Math.min(hours, anew.endHours(unit.cutOffVolts())) * 0.8;
        words("core-word fall-new-word", "new and warm", x(middle), y(anew.voltsAfter(middle)) - 11, Across.LEFT);
        curve("fall", hold);
        reaches();
        List<DeviceVolts> out = falling.stream()
                .filter(device -> device.dropsOutAtVolts().isPresent())
                .toList();
        for (int i = 0; i < out.size(); i++) {
            dropOut(out.get(i), hold.hoursTo(out.get(i).dropsOutAtVolts().orElseThrow()), i);
        }
    }

    /// As many hours as show the rule and most of the fall.
    private double span() {
        double empty = hold.endHours(unit.cutOffVolts());
        double wanted = Math.max(ruleHours * 1.2, Double.isInfinite(empty) ? ruleHours * 2 : empty * 1.08);
        return Math.min(MOST_HOURS, wanted);
    }

    private double x(double at) {
        return LEFT + (right - LEFT) * at / hours;
    }

    private double y(double volts) {
        return TOP + (high - TOP - FOOT) * (HIGHEST_VOLTS - volts) / (HIGHEST_VOLTS - lowest());
    }

    private double lowest() {
        return Math.min(LOWEST_VOLTS, unit.cutOffVolts() - ROOM_BELOW_VOLTS);
    }

    private void grid() {
        for (double volts = 10.5; volts <= 13; volts += VOLTS_STEP) {
            line("fall-grid", LEFT, y(volts), right, y(volts));
            words("figure", "%.1f".formatted(volts), LEFT - 8, y(volts), Across.RIGHT);
        }
        double step = STEPS.stream()
                .filter(its -> hours / its <= MOST_TICKS)
                .findFirst()
                .orElse(STEPS.getLast());
        for (double at = 0; at <= hours; at += step) {
            line("fall-grid", x(at), TOP, x(at), high - FOOT);
            words("figure", "%.0f h".formatted(at), x(at), high - FOOT + 13, Across.CENTER);
        }
    }

    private void level(String style, double volts, String says) {
        line(style, LEFT, y(volts), right, y(volts));
        words(style + "-word", says, LEFT + 8, y(volts) - 9, Across.LEFT);
    }

    private void rule() {
        line("fall-rule", x(ruleHours), TOP - 6, x(ruleHours), high - FOOT);
        words(
                "fall-rule-word",
                "rule: %.0f h, then the alarm".formatted(ruleHours),
                x(ruleHours),
                TOP - 14,
                Across.CENTER);
    }

    private void curve(String style, StandbyForecast its) {
        double empty = Math.min(hours, its.endHours(unit.cutOffVolts()));
        double[] points = new double[2 * (PIECES + 1)];
        for (int i = 0; i <= PIECES; i++) {
            double at = empty * i / PIECES;
            points[2 * i] = x(at);
            points[2 * i + 1] = y(its.voltsAfter(at));
        }
        path(style, points);
    }

    /// Where the standby ends that still leaves the alarm and what the design keeps back.
    private void reaches() {
        double at = Math.min(hours, hold.standbyHours());
        double volts = hold.voltsAfter(at);
        boolean enough = hold.standbyHours() >= ruleHours;
        box(enough ? "fall-reached" : "fall-short", x(at) - 5, y(volts) - 5, 10, 10);
        words(
                enough ? "fall-reached-word" : "fall-short-word",
                "%.1f h and the alarm".formatted(hold.standbyHours()),
                x(at) - 8,
                y(volts) + 14,
                Across.RIGHT);
    }

    private void dropOut(DeviceVolts device, double known, int row) {
        double at = Math.min(hours, known);
        double volts = Math.max(unit.cutOffVolts(), hold.voltsAfter(at));
        box("fall-drop", x(at) - 4, y(volts) - 4, 8, 8);
        words(
                "fall-short-word",
                "%s drops out, %.0f h".formatted(device.title(), known),
                x(at) - 12,
                y(volts) + row * WORD_GAP,
                Across.RIGHT);
    }
}
