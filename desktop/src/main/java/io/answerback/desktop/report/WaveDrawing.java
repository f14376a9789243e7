package io.answerback.desktop.report;

import io.answerback.core.model.common.Text;
import io.answerback.core.signal.sound.HeardDigit;
import io.answerback.core.signal.sound.HeardTone;
import io.answerback.core.signal.sound.Recording;
import io.answerback.core.signal.sound.Sound;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Picture;

/// A recording as a wave over time: its digits above, where they lie, the receiver's tones below.
final class WaveDrawing extends Picture {
    private static final double TOP = 22;
    private static final double HALF = 44;
    private static final double FOOT = 38;
    private static final double STEP = 2;
    private static final double[] TICKS = {0.1, 0.2, 0.5, 1, 2, 5, 10, 30, 60, 300};
    private static final double LEAST_TICK = 60;
    private static final double LEAST_BETWEEN = 8;

    private final Sound sound;
    private final Recording recording;

    WaveDrawing(Sound sound, Recording recording) {
        super("wave-drawing");
        this.sound = sound;
        this.recording = recording;
    }

    @Override
    public double height() {
        return TOP + 2 * HALF + FOOT;
    }

    @Override
    public String says() {
        StringBuilder digits = new StringBuilder();
        recording.digits().forEach(digit -> digits.append(digit.digit()));
        return Text.of("Recording of %.1f s, digits heard: %s", sound.seconds(), digits);
    }

    @Override
    protected void draw(double width) {
        double scale = width / Math.max(0.1, sound.seconds());
        double middle = TOP + HALF;
        double ends = -LEAST_BETWEEN;
        for (HeardDigit digit : recording.digits()) {
            double x = digit.atMillis() / 1000 * scale;
            double wide = Math.max(1, digit.onMillis() / 1000 * scale);
            box("heard-digit", x, TOP, wide, 2 * HALF).passive();
            if (x + wide / 2 - ends >= LEAST_BETWEEN) {
                words("signal-digit", String.valueOf(digit.digit()), x + wide / 2, TOP - 11, Across.CENTER);
                ends = x + wide / 2;
            }
        }
        for (HeardTone tone : recording.tones()) {
            double x = tone.atMillis() / 1000 * scale;
            box("heard-tone", x, middle + HALF, Math.max(2, tone.millis() / 1000 * scale), 4)
                    .hint(Text.of("%d Hz, %.0f ms", tone.hertz(), tone.millis()));
        }
        wave(width, middle);
        axis(width, scale, middle + HALF + 4);
    }

    /// For every second pixel from the least to the largest sample there.
    private void wave(double width, double middle) {
        float[] samples = sound.samples();
        int columns = (int) (width / STEP);
        double largest = 1e-4;
        for (float sample : samples) {
            largest = Math.max(largest, Math.abs(sample));
        }
        double[] points = new double[4 * columns];
        for (int column = 0; column < columns; column++) {
            int from = (int) ((long) samples.length * column / columns);
            int to = Math.max(from + 1, (int) ((long) samples.length * (column + 1) / columns));
            double least = 0;
            double most = 0;
            for (int i = from; i < Math.min(to, samples.length); i++) {
                least = Math.min(least, samples[i]);
                most = Math.max(most, samples[i]);
            }
            points[4 * column] = column * STEP;
            points[4 * column + 1] = middle - most / largest * (HALF - 4);
            points[4 * column + 2] = column * STEP;
            points[4 * column + 3] = middle - least / largest * (HALF - 4);
        }
        path("wave", points);
    }

    private void axis(double width, double scale, double y) {
        double every = TICKS[TICKS.length - 1];
        for (double tick : TICKS) {
            if (tick * scale >= LEAST_TICK) {
                every = tick;
                break;
            }
        }
        line("grid-line", 0, y, width, y);
        for (double at = 0; at * scale < width - LEAST_TICK / 2; at += every) {
            line("tick-line", at * scale, y, at * scale, y + 4);
            words("tick", Text.of(every < 1 ? "%.1f s" : "%.0f s", at), at * scale + 2, y + 14, Across.LEFT);
        }
    }
}
