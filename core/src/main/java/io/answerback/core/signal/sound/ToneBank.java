package io.answerback.core.signal.sound;

/// Finds which tone of a group is strongest in a stretch, although it may be off by up to two percent.
final class ToneBank {
    private static final double[] OFFSETS = {-0.012, 0, 0.012};

    private final Goertzel[][] filters;
    private final double[] found;

    /// @param hertz the tones of the group
    /// @param length samples in a stretch
    ToneBank(double[] hertz, int length) {
        filters = new Goertzel[hertz.length][OFFSETS.length];
        found = new double[hertz.length];
        for (int tone = 0; tone < hertz.length; tone++) {
            for (int off = 0; off < OFFSETS.length; off++) {
                filters[tone][off] = new Goertzel(hertz[tone] * (1 + OFFSETS[off]), length);
            }
        }
    }

    /// Measures a stretch; then the strongest can be asked for.
    void measure(float[] samples, int from) {
        for (int tone = 0; tone < filters.length; tone++) {
            found[tone] = 0;
            for (int off = 0; off < OFFSETS.length; off++) {
                double power = filters[tone][off].power(samples, from);
                found[tone] = Math.max(found[tone], power);
            }
        }
    }

    int strongest() {
        int best = 0;
        for (int tone = 1; tone < found.length; tone++) {
            best = found[tone] > found[best] ? tone : best;
        }
        return best;
    }

    double power(int tone) {
        return found[tone];
    }

    /// The strongest of all but one.
    double strongestBeside(int tone) {
        double best = 0;
        for (int other = 0; other < found.length; other++) {
            best = other == tone ? best : Math.max(best, found[other]);
        }
        return best;
    }
}
