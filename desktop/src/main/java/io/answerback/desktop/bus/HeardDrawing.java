package io.answerback.desktop.bus;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.loop.radio.RadioEdits;
import io.answerback.core.loop.radio.RadioState;
import io.answerback.core.loop.radio.Sender;
import io.answerback.core.model.common.FigureReader;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Enrolment;
import io.answerback.core.model.site.SignalReading;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Pen;
import io.answerback.desktop.part.Picture;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.work.Actions;
import java.time.InstantSource;
import java.util.Locale;

/// Every sender on one scale of signal: how far each came in over the weakest signal the panel hears, and over
/// what the rules ask for. A signal is typed where it stands.
final class HeardDrawing extends Picture {
    private static final double ROW = 58;
    private static final double HEAD = 34;
    private static final double FIELD = 96;
    private static final double LEFT = 24;
    private static final double SCALE = 37;
    private static final double BAND = 9;
    private static final double WEAKEST = -120;
    private static final double STRONGEST = -30;
    private static final double STEP = 10;
    private static final double LETTER = 6.2;
    private static final double ZONE = 200;

    private final Actions actions;
    private final InstantSource clock;
    private final RadioState heard;
    private final PointId selected;

    HeardDrawing(Actions actions, InstantSource clock, RadioState heard, PointId selected) {
        super("heard-drawing");
        this.actions = actions;
        this.clock = clock;
        this.heard = heard;
        this.selected = selected;
    }

    @Override
    public double height() {
        return HEAD + heard.senders().size() * ROW + 4;
    }

    @Override
    protected void draw(double width) {
        if (heard.rule().isEmpty()) {
            return;
        }
        double right = width - FIELD;
        double floor = at(heard.rule().get().floorDecibelMilliwatts(), right);
        double asked = at(heard.rule().get().floorDecibelMilliwatts() + heard.marginDecibels(), right);
        for (int row = 0; row < heard.senders().size(); row++) {
            double top = HEAD + row * ROW;
            sender(heard.senders().get(row), top, width);
            limits(top + SCALE, floor, asked);
            heardAt(heard.senders().get(row), top + SCALE, floor, right);
        }
        line("heard-floor", floor, HEAD - 12, floor, HEAD - 4);
        line("heard-asked", asked, HEAD - 12, asked, HEAD - 4);
        words(
                "core-word",
                "hears from " + Figures.decibelMilliwatts(heard.rule().get().floorDecibelMilliwatts()),
                floor - 4,
                HEAD - 20,
                Across.RIGHT);
        words(
                "core-word",
                "%.0f dB over it asked for".formatted(heard.marginDecibels()),
                asked + 4,
                HEAD - 20,
                Across.LEFT);
    }

    /// Where a signal lies across, the weakest there can be at the left edge.
    private static double at(double decibelMilliwatts, double right) {
        double share = (Math.clamp(decibelMilliwatts, WEAKEST, STRONGEST) - WEAKEST) / (STRONGEST - WEAKEST);
        return LEFT + share * (right - LEFT);
    }

    /// Where nothing is promised, and where it is too close to that.
    private void limits(double y, double floor, double asked) {
        box("heard-deaf", LEFT, y - BAND, floor - LEFT, 2 * BAND);
        box("heard-thin", floor, y - BAND, asked - floor, 2 * BAND);
        line("heard-floor", floor, y - BAND, floor, y + BAND);
        line("heard-asked", asked, y - BAND, asked, y + BAND);
    }

    private void heardAt(Sender sender, double y, double floor, double right) {
        line("heard-scale", LEFT, y, right, y);
        for (double step = WEAKEST + STEP; step < STRONGEST; step += STEP) {
            line("heard-scale", at(step, right), y - 3, at(step, right), y + 3);
        }
        Mark mark = mark(sender);
        sender.reading().ifPresent(reading -> {
            double x = at(reading.decibelMilliwatts(), right);
            line("heard-bar heard-" + mark.name().toLowerCase(Locale.ROOT), floor, y, x, y);
            place(Marks.of(mark, says(sender), 5.5), x, y, Across.CENTER);
        });
    }

    private void sender(Sender sender, double top, double width) {
        Mark mark = mark(sender);
        boolean chosen = sender.pointId().equals(selected);
        Pen.Item row = box(chosen ? "heard-row heard-chosen" : "heard-row", 0, top, width, ROW - 6);
        row.onClick(() -> actions.select(sender.pointId()));
        row.says("%s, %s, %s".formatted(sender.title(), zone(sender), says(sender)));
        place(Marks.of(mark, says(sender)), 8, top + 14, Across.LEFT);
        words("tree-word", cut(sender.title(), width - ZONE - 30), LEFT, top + 14, Across.LEFT)
                .passive();
        words(sender.outOfPlace() ? "heard-wrong" : "core-word", zone(sender), width - 8, top + 14, Across.RIGHT)
                .passive();
        place(field(sender), width - 6, top + SCALE, Across.RIGHT);
    }

    private Mark mark(Sender sender) {
        if (sender.overFloorDecibels().isEmpty()) {
            return Mark.NOT_DONE;
        }
        if (sender.lost()) {
            return Mark.WRONG;
        }
        return sender.overFloorDecibels().get() < heard.marginDecibels() ? Mark.TIGHT : Mark.SOUND;
    }

    private static String says(Sender sender) {
        return sender.overFloorDecibels()
                .map(over -> over < 0 ? "%.0f dB too weak".formatted(-over) : "%.0f dB to spare".formatted(over))
                .orElse("signal not measured");
    }

    private static String zone(Sender sender) {
        String plan = "zone %02d".formatted(sender.input().zone());
        return sender.enrolment()
                .map(Enrolment::zone)
                .map(zone -> sender.outOfPlace()
                        ? "%s, the panel has %02d".formatted(plan, zone)
                        : "%s, enrolled".formatted(plan))
                .orElse(plan + ", not enrolled");
    }

    private static String cut(String title, double room) {
        int letters = (int) (room / LETTER);
        return title.length() <= letters ? title : title.substring(0, Math.max(1, letters - 1)) + "…";
    }

    private Value field(Sender sender) {
        String shown = sender.reading()
                .map(reading -> Figures.decibelMilliwatts(reading.decibelMilliwatts()))
                .orElse("dBm");
        return Value.of("Signal of " + actions.now().job().nameOf(sender.part()), shown, typed -> typed(sender, typed));
    }

    private boolean typed(Sender sender, String typed) {
        return actions.apply(FigureReader.read(
                        typed.replace("dBm", "").replace('\u2212', '-').strip(),
                        "signal of " + actions.now().job().nameOf(sender.part()) + " in dBm")
                .then(value -> RadioEdits.heard(
                        new SignalReading(sender.part(), value > 0 ? -value : value, clock.instant()))));
    }
}
