package io.answerback.desktop.learn;

import io.answerback.core.sound.Call;
import io.answerback.core.sound.DtmfDigit;
import io.answerback.core.sound.Segment;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Picture;
import java.util.List;

/// The pairs of tones that a panel sends, a row a tone and a column a digit, without the digits.
final class HeardTones extends Picture {
    private static final double LEFT = 72;
    private static final double RIGHT = 10;
    private static final double ROW = 15;
    private static final double TOP = 10;
    private static final double FOOT = 22;
    private static final double BAR = 8;

    private final List<Segment> pairs;

    HeardTones(Call call) {
        super("tone-drawing");
        this.pairs = call.segments().stream()
                .filter(segment ->
                        segment.from() == Segment.Side.PANEL && segment.hertz().size() == 2)
                .toList();
    }

    @Override
    public double height() {
        return TOP + 8 * ROW + FOOT;
    }

    @Override
    public String says() {
        return pairs.size() + " pairs of tones";
    }

    @Override
    protected void draw(double width) {
        double[] tones = DtmfDigit.drawn();
        double column = (width - LEFT - RIGHT) / Math.max(1, pairs.size());
        for (int row = 0; row < tones.length; row++) {
            words("tick", Math.round(tones[row]) + " Hz", 0, TOP + row * ROW, Across.LEFT);
            line("grid-line", LEFT, TOP + row * ROW, width - RIGHT, TOP + row * ROW);
        }
        for (int place = 0; place < pairs.size(); place++) {
            double x = LEFT + column * place;
            for (double hertz : pairs.get(place).hertz()) {
                box("tone", x + column * 0.2, y(tones, hertz) - BAR / 2, column * 0.6, BAR)
                        .passive();
            }
            words("tick", Integer.toString(place + 1), x + column / 2, TOP + 8 * ROW + 4, Across.CENTER);
        }
    }

    private static double y(double[] tones, double hertz) {
        int row = 0;
        while (row < tones.length - 1 && tones[row] != hertz) {
            row++;
        }
        return TOP + row * ROW;
    }
}
