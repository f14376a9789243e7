package io.answerback.desktop.report;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.receiver.PulseShape;
import io.answerback.core.signal.format.PulseReport;
import io.answerback.core.signal.format.PulseTiming;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Picture;
import java.util.List;

/// Rounds of pulses on the line, each pulse as long as it is, to scale. A round that is sent again stands once.
final class PulseDrawing extends Picture {
    private static final double LEFT = 96;
    private static final double RIGHT = 16;
    private static final double TOP = 26;
    private static final double PULSE_HEIGHT = 18;
    private static final double BETWEEN_ROUNDS = 46;
    private static final double FOOT = 22;
    private static final double LEAST_PULSE = 1;
    private static final double CAPTION = 17;
    private static final double NARROW = 520;

    private final List<String> rounds;
    private final PulseTiming timing;
    private final boolean extended;
    private final boolean two;

    PulseDrawing(PulseReport report, PulseTiming timing) {
        super("pulse-drawing");
        this.rounds = report.rounds().stream().distinct().toList();
        this.timing = timing;
        PulseShape shape = report.format().shape().orElseThrow();
        this.extended = shape.extended();
        this.two = shape.eventDigits() == 2;
    }

    @Override
    public double height() {
        return TOP + PULSE_HEIGHT + FOOT + (rounds.size() - 1) * CAPTION;
    }

    @Override
    public String says() {
        return "Pulses on the line: rounds " + String.join(" and ", rounds);
    }

    @Override
    protected void draw(double width) {
        double millis = rounds.stream().mapToDouble(timing::roundMillis).sum();
        double room = width - LEFT - RIGHT - (rounds.size() - 1) * BETWEEN_ROUNDS;
        double scale = room / millis;
        double line = TOP + PULSE_HEIGHT;
        boolean narrow = room < NARROW;
        words("row-name", timing.pulsesPerSecond() + " a second", 0, line - PULSE_HEIGHT / 2, Across.LEFT);
        line("signal-line", LEFT, line, width - RIGHT, line);
        double x = LEFT;
        for (int i = 0; i < rounds.size(); i++) {
            double from = x;
            for (char digit : rounds.get(i).toCharArray()) {
                drawDigit(digit, x, scale);
                x += (timing.digitMillis(digit) + timing.digitGapMillis()) * scale;
            }
            x -= timing.digitGapMillis() * scale;
            words("tick", caption(i), (from + x) / 2, line + 12 + (narrow ? i * CAPTION : 0), Across.CENTER);
            x += BETWEEN_ROUNDS;
        }
    }

    private String caption(int round) {
        double seconds = timing.roundMillis(rounds.get(round)) / 1000;
        String what = extended && round == 1
                ? "event repeated, then the zone"
                : two ? "account, event, zone" : "account, then the event";
        return Text.of("%s: %.1f s", what, seconds);
    }

    private void drawDigit(char digit, double x, double scale) {
        double period = (timing.onMillis() + timing.offMillis()) * scale;
        double wide = Math.max(LEAST_PULSE, timing.onMillis() * scale);
        for (int pulse = 0; pulse < PulseReport.pulses(digit); pulse++) {
            box("pulse", x + pulse * period, TOP, wide, PULSE_HEIGHT).passive();
        }
        double middle = x + timing.digitMillis(digit) * scale / 2;
        words("signal-digit", String.valueOf(digit), middle, TOP - 12, Across.CENTER);
    }
}
