package io.answerback.loop;

/// The values resistors are made in (IEC 60063).
public final class PreferredValues {
    private static final int[] E24 = {
        10, 11, 12, 13, 15, 16, 18, 20, 22, 24, 27, 30, 33, 36, 39, 43, 47, 51, 56, 62, 68, 75, 82, 91
    };

    private PreferredValues() {}

    /// The E24 value nearest to a reading, by ratio.
    ///
    /// @param ohms a reading in ohms, from 1 to 10 million
    /// @throws IllegalArgumentException when it is out of bounds
    public static double nearestE24(double ohms) {
        io.answerback.job.Require.within(ohms, 1, 1e7, "reading in ohms");
        int decade = (int) Math.floor(Math.log10(ohms));
        double best = 0;
        for (int power = decade - 1; power <= decade + 1; power++) {
            for (int digits : E24) {
                double value = digits * Math.pow(10, power - 1.0);
                if (best == 0 || Math.abs(Math.log(value / ohms)) < Math.abs(Math.log(best / ohms))) {
                    best = value;
                }
            }
        }
        return Math.round(best * 1000) / 1000.0;
    }
}
