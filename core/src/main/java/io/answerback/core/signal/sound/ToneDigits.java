package io.answerback.core.signal.sound;

import java.util.ArrayList;
import java.util.List;

/// Hears digits in pairs of tones. Every 5 ms a stretch of 25.6 ms is measured; a digit is where one tone of
/// each group stands out and together they have half of the power.
final class ToneDigits {
    private static final int LENGTH = 205;
    private static final int HOP = 40;
    private static final double HOP_MILLIS = 1000.0 * HOP / Sound.LINE_RATE;
    private static final double HALF_LENGTH_MILLIS = 500.0 * LENGTH / Sound.LINE_RATE;
    private static final double LEAST_POWER = 1e-6;
    private static final double LEAST_SHARE = 0.5;
    private static final double LEAST_LEAD = 3;
    private static final double LEAST_TWIST = -9;
    private static final double MOST_TWIST = 13;
    private static final double MOST_ERROR_PERCENT = 3;
    private static final double ERROR_STEP_PERCENT = 0.2;
    private static final int NEIGHBOURS = 14;
    private static final double OF_NEIGHBOURS = 0.3;
    private static final int LEAST_STRETCHES = 4;
    private static final double EDGE = 0.25;

    private final float[] samples;
    private final char[] digit;
    private final double[] power;
    private final double[] twist;

    ToneDigits(float[] samples) {
        this.samples = samples;
        int count = Math.max(0, Math.floorDiv(samples.length - LENGTH, HOP) + 1);
        digit = new char[count];
        power = new double[count];
        twist = new double[count];
    }

    List<HeardDigit> heard() {
        measureAll();
        boolean[] loud = loud();
        List<HeardDigit> heard = new ArrayList<>();
        int at = 0;
        while (at < digit.length) {
            int end = at + 1;
            if (loud[at]) {
                while (end < digit.length && loud[end] && digit[end] == digit[at]) {
                    end++;
                }
                if (end - at >= LEAST_STRETCHES) {
                    heard.add(digit(at, end));
                }
            }
            at = end;
        }
        return heard;
    }

    private void measureAll() {
        ToneBank low = new ToneBank(DtmfDigit.LOW, LENGTH);
        ToneBank high = new ToneBank(DtmfDigit.HIGH, LENGTH);
        for (int i = 0; i < digit.length; i++) {
            measure(i, low, high);
        }
    }

    private void measure(int i, ToneBank low, ToneBank high) {
        int from = i * HOP;
        double total = total(from);
        if (total < LEAST_POWER) {
            return;
        }
        low.measure(samples, from);
        high.measure(samples, from);
        int lower = low.strongest();
        int higher = high.strongest();
        double both = low.power(lower) + high.power(higher);
        double tilt = 10 * Math.log10((high.power(higher) + 1e-12) / (low.power(lower) + 1e-12));
        power[i] = both;
        boolean stands = both > LEAST_SHARE * total
                && low.power(lower) > LEAST_LEAD * low.strongestBeside(lower)
                && high.power(higher) > LEAST_LEAD * high.strongestBeside(higher)
                && tilt > LEAST_TWIST
                && tilt < MOST_TWIST;
        if (stands) {
            digit[i] = DtmfDigit.at(lower, higher);
            twist[i] = tilt;
        }
    }

    private double total(int from) {
        double sum = 0;
        for (int i = from; i < from + LENGTH; i++) {
            sum += samples[i] * samples[i];
        }
        return sum / LENGTH;
    }

    /// Stretches with a digit that are not merely the edge of a stronger one.
    private boolean[] loud() {
        boolean[] loud = new boolean[digit.length];
        for (int i = 0; i < digit.length; i++) {
            double most = 0;
            for (int near = Math.max(0, i - NEIGHBOURS); near <= Math.min(digit.length - 1, i + NEIGHBOURS); near++) {
                most = Math.max(most, power[near]);
            }
            loud[i] = digit[i] != 0 && power[i] > OF_NEIGHBOURS * most;
        }
        return loud;
    }

    private HeardDigit digit(int from, int to) {
        int strongest = from;
        for (int i = from; i < to; i++) {
            strongest = power[i] > power[strongest] ? i : strongest;
        }
        double begins = edge(from, -1, power[strongest]);
        double ends = edge(to - 1, 1, power[strongest]);
        return new HeardDigit(
                digit[strongest],
                begins + HALF_LENGTH_MILLIS,
                ends - begins,
                10 * Math.log10(2 * power[strongest]),
                twist[strongest],
                error(strongest),
                0);
    }

    /// How far the tone of a digit that is off furthest is off, in percent.
    private double error(int at) {
        double furthest = 0;
        for (double hertz : DtmfDigit.hertz(digit[at])) {
            double best = 0;
            double most = 0;
            for (double percent = -MOST_ERROR_PERCENT; percent <= MOST_ERROR_PERCENT; percent += ERROR_STEP_PERCENT) {
                double found = new Goertzel(hertz * (1 + percent / 100), LENGTH).power(samples, at * HOP);
                best = found > most ? percent : best;
                most = Math.max(most, found);
            }
            furthest = Math.abs(best) > Math.abs(furthest) ? best : furthest;
        }
        return furthest;
    }

    /// Where the power falls to a quarter: there half of the stretch lies on the tone. Between two stretches by a
    /// straight line.
    private double edge(int from, int direction, double most) {
        int i = from;
        while (i + direction >= 0 && i + direction < power.length && power[i] > EDGE * most) {
            i += direction;
        }
        double outside = power[i];
        double inside = power[Math.clamp(i - direction, 0, power.length - 1)];
        double share = inside > outside ? Math.clamp((EDGE * most - outside) / (inside - outside), 0, 1) : 0;
        return (i - direction * share) * HOP_MILLIS;
    }
}
