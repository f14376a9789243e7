package io.answerback.core.signal.sound;

import java.util.ArrayList;
import java.util.List;

/// Hears the tones of a receiver in stretches of 25.6 ms every 10 ms.
final class ReceiverTones {
    private static final double[] OF_DIGITS = {1400, 1800, 2300};
    private static final double[] OF_BLOCKS = {Modem.REFUSAL_HERTZ, Modem.RECEIVER_HERTZ};

    /// A panel pulses with 1800 Hz too, but for 60 ms at most.
    private static final int PULSED_HERTZ = 1800;

    private static final double LEAST_PULSED_MILLIS = 300;
    private static final int LENGTH = 205;
    private static final int HOP = 80;
    private static final double HOP_MILLIS = 1000.0 * HOP / Sound.LINE_RATE;
    private static final double LENGTH_MILLIS = 1000.0 * LENGTH / Sound.LINE_RATE;
    private static final double LEAST_POWER = 1e-6;
    private static final double LEAST_SHARE = 0.6;
    private static final double LEAST_MILLIS = 60;

    private ReceiverTones() {}

    /// The tones that ask for digits in tones or pulses and acknowledge them.
    static List<HeardTone> in(float[] samples) {
        return in(samples, OF_DIGITS);
    }

    /// The tones that ask for blocks and acknowledge or refuse them.
    static List<HeardTone> ofBlocks(float[] samples) {
        return in(samples, OF_BLOCKS);
    }

    private static List<HeardTone> in(float[] samples, double[] hertz) {
        int count = Math.max(0, Math.floorDiv(samples.length - LENGTH, HOP) + 1);
        ToneBank bank = new ToneBank(hertz, LENGTH);
        List<HeardTone> heard = new ArrayList<>();
        int begun = 0;
        int before = -1;
        for (int i = 0; i <= count; i++) {
            int now = i == count ? -1 : tone(samples, i * HOP, bank);
            if (now != before) {
                double millis = (i - begun - 1) * HOP_MILLIS + LENGTH_MILLIS / 2;
                if (before >= 0 && millis >= leastMillis(hertz[before])) {
                    heard.add(new HeardTone((int) hertz[before], begun * HOP_MILLIS + LENGTH_MILLIS / 4, millis));
                }
                begun = i;
                before = now;
            }
        }
        return heard;
    }

    private static double leastMillis(double hertz) {
        return hertz == PULSED_HERTZ ? LEAST_PULSED_MILLIS : LEAST_MILLIS;
    }

    private static int tone(float[] samples, int from, ToneBank bank) {
        double total = 0;
        for (int i = from; i < from + LENGTH; i++) {
            total += samples[i] * samples[i] / LENGTH;
        }
        if (total < LEAST_POWER) {
            return -1;
        }
        bank.measure(samples, from);
        int strongest = bank.strongest();
        return bank.power(strongest) > LEAST_SHARE * total ? strongest : -1;
    }
}
