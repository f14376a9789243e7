package io.answerback.desktop.report;

import io.answerback.core.signal.sound.Call;
import io.answerback.core.signal.sound.DtmfDigit;
import io.answerback.core.signal.sound.Segment;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Picture;
import java.util.stream.Collectors;

/// Digits in pairs of tones: a row a tone, a column a digit, as on a sonogram.
public final class ToneDrawing extends Picture {
    private static final double LEFT = 72;
    private static final double RIGHT = 10;
    private static final double LEAST_NUMBER = 18;
    private static final double ROW = 15;
    private static final double TOP = 10;
    private static final double FOOT = 20;
    private static final double BAR = 8;

    private final String digits;
    private final boolean named;

    private ToneDrawing(String digits, boolean named) {
        super("tone-drawing");
        this.digits = digits;
        this.named = named;
    }

    /// The tones with the digit below each pair.
    static ToneDrawing of(String digits) {
        return new ToneDrawing(digits, true);
    }

    /// The tones a panel sends in a call, with the place of each pair in place of its digit, for whoever
    /// reads them.
    public static ToneDrawing toRead(Call call) {
        return new ToneDrawing(
                call.segments().stream()
                        .filter(segment -> segment.from() == Segment.Side.PANEL && !segment.silent())
                        .map(segment -> String.valueOf(segment.digit()))
                        .collect(Collectors.joining()),
                false);
    }

    @Override
    public double height() {
        return TOP + 8 * ROW + FOOT;
    }

    @Override
    public String says() {
        return named ? "Digits in tones: " + digits : digits.length() + " pairs of tones";
    }

    @Override
    protected void draw(double width) {
        double[] tones = DtmfDigit.drawn();
        double column = (width - LEFT - RIGHT) / digits.length();
        for (int row = 0; row < tones.length; row++) {
            double y = TOP + row * ROW;
            words("tick", Math.round(tones[row]) + " Hz", 0, y, Across.LEFT);
            line("grid-line", LEFT, y, width - RIGHT, y);
        }
        for (int place = 0; place < digits.length(); place++) {
            char digit = digits.charAt(place);
            double x = LEFT + column * place;
            for (double hertz : DtmfDigit.hertz(digit)) {
                box("tone", x + column * 0.2, y(tones, hertz) - BAR / 2, column * 0.6, BAR)
                        .passive();
            }
            if (!named && place % everyPlace(column) != 0) {
                continue;
            }
            words(
                    named ? "signal-digit" : "tick",
                    named ? String.valueOf(digit) : Integer.toString(place + 1),
                    x + column / 2,
                    TOP + 8 * ROW + 4,
                    Across.CENTER);
        }
    }

    /// Numbers of places that would stand on each other are left out.
    private static int everyPlace(double column) {
        return Math.max(1, (int) Math.ceil(LEAST_NUMBER / column));
    }

    private static double y(double[] tones, double hertz) {
        int row = 0;
        while (tones[row] != hertz) {
            row++;
        }
        return TOP + row * ROW;
    }
}
