package io.answerback.desktop.loop;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.loop.CaseReading;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.LoopCase;
import io.answerback.core.loop.scheme.Range;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.profile.Band;
import io.answerback.core.model.profile.Meaning;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Pen;
import io.answerback.desktop.part.Picture;
import io.answerback.desktop.work.Actions;
import java.util.List;
import java.util.Locale;

/// What the input sees: the panel's bands as columns, a row a state with its worst-case interval, and a line
/// where the state that is switched now reads.
final class BandsDrawing extends Picture {
    private static final double LEFT = 170;
    private static final double HEAD = 26;
    private static final double LINE = 16;
    private static final int MOST_ON_ONE_LINE = 4;
    private static final int LINES = 3;
    private static final double LETTER_WIDTH = 7;
    private static final double LEAST_ROW = 17;
    private static final double TALLEST_ROW = 36;
    private static final double FOOT = 20;
    private static final double FLOOR_OHMS = 100;
    private static final double CEILING_OHMS = 100_000;
    private static final double END = 16;
    private static final double FIGURE_WIDTH = 7.5;
    private static final double[] TICKS = {200, 500, 1000, 2000, 5000, 10_000, 20_000, 50_000};

    private final Actions actions;
    private final LoopView view;
    private final CaseRows rows;
    private double right;
    private double rowHeight;

    BandsDrawing(Actions actions, LoopView view, CaseRows rows) {
        super("bands-drawing");
        this.actions = actions;
        this.view = view;
        this.rows = rows;
    }

    @Override
    public boolean fillsHeight() {
        return true;
    }

    @Override
    public double height() {
        return head() + readings().size() * LEAST_ROW + FOOT;
    }

    private List<CaseReading> readings() {
        return rows.of(view.result());
    }

    private boolean staggered() {
        return view.chart().bands().size() > MOST_ON_ONE_LINE;
    }

    private double head() {
        return staggered() ? HEAD + (LINES - 1) * LINE : HEAD;
    }

    @Override
    protected void draw(double width) {
        right = width - 30;
        List<CaseReading> shown = readings();
        rowHeight = Math.min(TALLEST_ROW, (heightThereIs() - head() - FOOT) / shown.size());
        double bottom = head() + shown.size() * rowHeight;
        view.chart().bands().forEach(band -> drawBand(band, bottom));
        drawBandNames();
        drawAxis(bottom);
        drawReading(bottom);
        int row = 0;
        for (CaseReading reading : shown) {
            drawRow(reading, head() + rowHeight * (row++ + 0.5));
        }
    }

    private void drawReading(double bottom) {
        double x = x(view.shown().range().nominalOhms());
        double top = head();
        line("reading-line", x, top, x, bottom);
        path("reading-flag", x, top, x - 5, top - 7, x + 5, top - 7, x, top);
    }

    private void drawBand(Band band, double bottom) {
        double from = x(band.low());
        double to = x(band.high());
        box("band band-" + band.meaning().name().toLowerCase(Locale.ROOT), from, head(), to - from, bottom - head());
    }

    /// Each name stands on the lowest line on which it touches none before it.
    private void drawBandNames() {
        double[] ends = new double[LINES];
        for (Band band : view.chart().bands()) {
            String name = band.meaning().word();
            double middle = (x(band.low()) + x(band.high())) / 2;
            double half = name.length() * LETTER_WIDTH / 2;
            int line = 0;
            while (line < LINES - 1 && staggered() && middle - half < ends[line]) {
                line++;
            }
            ends[line] = middle + half;
            words("band-name", name, middle, head() - 18 - line * LINE, Across.CENTER);
        }
    }

    private void drawAxis(double bottom) {
        words("tick", "0 Ω", LEFT, bottom + 11, Across.LEFT);
        words("tick", "open", right, bottom + 11, Across.RIGHT);
        double free = LEFT + "0 Ω".length() * FIGURE_WIDTH;
        double last = right - "open".length() * FIGURE_WIDTH;
        for (double tick : TICKS) {
            line("tick-line", x(tick), bottom, x(tick), bottom + 4);
            String figure = Figures.resistor(tick).replace("R", "");
            double half = figure.length() * FIGURE_WIDTH / 2;
            // where the chart is narrow, a figure that would touch another is left to its line
            if (x(tick) - half > free && x(tick) + half < last) {
                words("tick", figure, x(tick), bottom + 11, Across.CENTER);
                free = x(tick) + half;
            }
        }
    }

    private void drawRow(CaseReading reading, double y) {
        boolean on = reading.loopCase().device() == view.device()
                && reading.loopCase().fault().equals(view.fault());
        Pen.Item row = box(on ? "band-row band-row-on" : "band-row", 0, y - rowHeight / 2, right + 30, rowHeight);
        row.onClick(() ->
                actions.switchTo(reading.loopCase().device(), reading.loopCase().fault()));
        words("row-name", name(reading), 7, y, Across.LEFT).passive();
        drawInterval(reading, y);
        Mark mark = mark(reading);
        String says = name(reading) + ": " + reads(reading) + ", " + mark.word();
        place(Marks.of(mark, says), right + 18, y, Across.CENTER);
    }

    private void drawInterval(CaseReading reading, double y) {
        Range range = reading.range();
        double from = x(range.lowOhms());
        double to = x(range.highOhms());
        double wide = Math.max(8, to - from);
        double start = Math.clamp((from + to) / 2 - wide / 2, LEFT, right - 8);
        String style = mark(reading) == Mark.SOUND
                ? "interval"
                : "interval interval-" + mark(reading).name().toLowerCase(Locale.ROOT);
        box(style, start, y - 4, wide, 8).passive();
        String text =
                range.open() ? "open · " + reads(reading) : Figures.ohms(range.nominalOhms()) + " · " + reads(reading);
        boolean roomOnTheRight = start + wide + 8 + text.length() * FIGURE_WIDTH < right;
        String figure = "row-figure row-figure-" + mark(reading).name().toLowerCase(Locale.ROOT);
        var label = roomOnTheRight
                ? words(figure, text, start + wide + 8, y, Across.LEFT)
                : words(figure, text, start - 8, y, Across.RIGHT);
        label.passive();
    }

    private String reads(CaseReading reading) {
        if (reading.loopCase().faulty()) {
            return reading.reads().map(meaning -> "reads " + meaning.word()).orElse("between bands");
        }
        if (!reading.safe()) {
            return reading.reads()
                    .map(Meaning::word)
                    .map(word -> "reads " + word)
                    .orElse("between bands");
        }
        return reading.range().open()
                ? "reads " + reading.reads().orElseThrow().word()
                : Figures.percent(reading.margin()) + " inside";
    }

    private Mark mark(CaseReading reading) {
        if (reading.safe()) {
            boolean tight = !reading.loopCase().faulty() && reading.margin() < view.leastMargin();
            return tight ? Mark.TIGHT : Mark.SOUND;
        }
        return reading.loopCase().faulty() ? Mark.TIGHT : Mark.WRONG;
    }

    private String name(CaseReading reading) {
        LoopCase loopCase = reading.loopCase();
        String device = view.word(loopCase.device());
        if (loopCase.faulty()) {
            String fault = capital(FaultLabel.of(loopCase.fault(), view.fitted()));
            return loopCase.device() == DeviceState.AT_REST ? fault : fault + ", " + device;
        }
        return switch (loopCase.device()) {
            case AT_REST, ACTIVE, ALL_ACTIVE ->
                capital(view.point().kind().words().thing()) + " " + device;
            case SECOND_ACTIVE, BOTH_ACTIVE, MASKED, ACTIVE_AND_MASKED, COVER_OFF, UNPOWERED -> capital(device);
        };
    }

    private static String capital(String word) {
        return Character.toUpperCase(word.charAt(0)) + word.substring(1);
    }

    /// The scale is in log-ohms from 100 Ω to 100 kΩ; what is less or more stands at its ends.
    private double x(double ohms) {
        double first = LEFT + END;
        double last = right - END;
        if (ohms < FLOOR_OHMS) {
            return LEFT + END * ohms / FLOOR_OHMS;
        }
        if (ohms > CEILING_OHMS) {
            return Double.isInfinite(ohms) ? right : last + END / 2;
        }
        return first + (last - first) * Math.log(ohms / FLOOR_OHMS) / Math.log(CEILING_OHMS / FLOOR_OHMS);
    }
}
