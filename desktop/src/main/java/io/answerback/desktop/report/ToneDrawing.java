package io.answerback.desktop.report;

import io.answerback.core.sound.DtmfDigit;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Picture;

/// Digits in pairs of tones: a row a tone, a column a digit, as on a sonogram.
final class ToneDrawing extends Picture {
    private static final double LEFT = 72;
    private static final double RIGHT = 10;
    private static final double ROW = 15;
    private static final double TOP = 10;
    private static final double FOOT = 20;
    private static final double BAR = 8;

    private final String digits;

    ToneDrawing(String digits) {
        super("tone-drawing");
        this.digits = digits;
    }

    @Override
    public double height() {
        return TOP + 8 * ROW + FOOT;
    }

    @Override
    public String says() {
        return "Digits in tones: " + digits;
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
            words("signal-digit", String.valueOf(digit), x + column / 2, TOP + 8 * ROW + 4, Across.CENTER);
        }
    }

    private static double y(double[] tones, double hertz) {
        int row = 0;
        while (tones[row] != hertz) {
            row++;
        }
        return TOP + row * ROW;
    }
}
