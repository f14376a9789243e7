package io.answerback.core.loop.resistor;

import io.answerback.core.model.common.Require;
import java.util.ArrayList;
import java.util.List;

/// The values resistors are made in (IEC 60063). The E24 and E12 series are listed there; E96 is the geometric
/// series of 96 steps a decade, rounded to three digits.
public enum PreferredValues {
    /// Twelve values a decade, usual at ±10 %.
    E12(List.of(100, 120, 150, 180, 220, 270, 330, 390, 470, 560, 680, 820)),
    /// Twenty-four values a decade, usual at ±5 %.
    E24(List.of(
            100, 110, 120, 130, 150, 160, 180, 200, 220, 240, 270, 300, 330, 360, 390, 430, 470, 510, 560, 620, 680,
            750, 820, 910)),
    /// Ninety-six values a decade, usual at ±1 %.
    E96(rounded(96));

    private static final double SAME = 1e-6;

    private final List<Integer> digits;

    PreferredValues(List<Integer> digits) {
        this.digits = digits;
    }

    private static List<Integer> rounded(int steps) {
        List<Integer> all = new ArrayList<>();
        for (int i = 0; i < steps; i++) {
            all.add((int) Math.round(100 * Math.pow(10, (double) i / steps)));
        }
        return List.copyOf(all);
    }

    /// The first three digits of its values, from 100 to 999.
    public List<Integer> digits() {
        return digits;
    }

    /// Whether a value is one of the series.
    ///
    /// @param ohms in ohms
    public boolean holds(double ohms) {
        if (!(ohms > 0) || Double.isInfinite(ohms)) {
            return false;
        }
        double nearest = nearest(ohms);
        return Math.abs(nearest - ohms) <= SAME * ohms;
    }

    /// The value nearest to a reading, by ratio.
    ///
    /// @param ohms a reading in ohms, from 1 mΩ to 1 TΩ
    /// @throws IllegalArgumentException when it is out of bounds
    public double nearest(double ohms) {
        Require.within(ohms, 1e-3, 1e12, "reading in ohms");
        int decade = (int) Math.floor(Math.log10(ohms));
        double best = 0;
        for (int power = decade - 1; power <= decade + 1; power++) {
            for (int three : digits) {
                double value = three * Math.pow(10, power - 2.0);
                if (best == 0 || Math.abs(Math.log(value / ohms)) < Math.abs(Math.log(best / ohms))) {
                    best = value;
                }
            }
        }
        return Math.round(best * 1e6) / 1e6;
    }

    /// Every value from one end of a stretch to the other, both included, rising.
    ///
    /// @param leastOhms in ohms, above 0
    /// @param mostOhms in ohms
    public List<Double> between(double leastOhms, double mostOhms) {
        List<Double> values = new ArrayList<>();
        int first = (int) Math.floor(Math.log10(Require.within(leastOhms, 1e-3, 1e12, "least value in ohms")));
        for (int power = first; Math.pow(10, power) <= mostOhms; power++) {
            for (int three : digits) {
                double value = Math.round(three * Math.pow(10, power - 2.0) * 1e6) / 1e6;
                if (value >= leastOhms && value <= mostOhms) {
                    values.add(value);
                }
            }
        }
        return values;
    }
}
