package io.answerback.core.signal.sound;

import java.util.ArrayList;
import java.util.List;

/// Hears characters of blocks. The power at the tones for mark and for space is measured four thousand times
/// a second in stretches of one bit; a character begins where mark gives way to space.
final class BlockCharacters {
    private static final int LENGTH = 27;
    private static final int HOP = 2;
    private static final double HOPS_A_BIT = Modem.BIT_MILLIS * Sound.LINE_RATE / 1000 / HOP;
    private static final double MIDDLE_MILLIS = 500.0 * LENGTH / Sound.LINE_RATE;
    private static final double LEAST_POWER = 1e-6;
    private static final double LEAST_SHARE = 0.3;

    private final float[] samples;
    private final float[] lead;

    BlockCharacters(float[] samples) {
        this.samples = samples;
        int count = Math.max(0, Math.floorDiv(samples.length - LENGTH, HOP) + 1);
        Goertzel mark = new Goertzel(Modem.MARK_HERTZ, LENGTH);
        Goertzel space = new Goertzel(Modem.SPACE_HERTZ, LENGTH);
        lead = new float[count];
        for (int i = 0; i < count; i++) {
            lead[i] = (float) (mark.power(samples, i * HOP) - space.power(samples, i * HOP));
        }
    }

    /// A character.
    ///
    /// @param even whether its parity bit is right
    record Heard(byte value, boolean even, double atMillis, double levelDecibels) {
        double endMillis() {
            return atMillis + Modem.CHARACTER_BITS * Modem.BIT_MILLIS;
        }
    }

    List<Heard> heard() {
        List<Heard> heard = new ArrayList<>();
        int last = lead.length - (int) Math.ceil(Modem.CHARACTER_BITS * HOPS_A_BIT);
        for (int i = 1; i < last; i++) {
            if (lead[i - 1] >= 0 && lead[i] < 0 && begins(i)) {
                boolean[] bits = bits(i);
                if (bits[Modem.CHARACTER_BITS - 1]) {
                    heard.add(character(i, bits));
                    i += (int) ((Modem.CHARACTER_BITS - 1) * HOPS_A_BIT);
                }
            }
        }
        return heard;
    }

    /// Whether mark fills the bit before and space the one that begins here: noise and dialled digits are not
    /// taken for a character.
    private boolean begins(int at) {
        int half = (int) Math.round(HOPS_A_BIT / 2);
        return at >= half && filled(at - half, 1) && filled(at + half, -1);
    }

    /// @param sign 1 for mark, -1 for space
    private boolean filled(int at, int sign) {
        double total = 0;
        for (int i = at * HOP; i < at * HOP + LENGTH; i++) {
            total += samples[i] * samples[i] / LENGTH;
        }
        return total > LEAST_POWER && sign * lead[at] > LEAST_SHARE * total;
    }

    private boolean[] bits(int at) {
        boolean[] bits = new boolean[Modem.CHARACTER_BITS];
        for (int bit = 0; bit < bits.length; bit++) {
            bits[bit] = lead[(int) Math.round(at + (bit + 0.5) * HOPS_A_BIT)] > 0;
        }
        return bits;
    }

    private Heard character(int at, boolean[] bits) {
        double power = 0;
        for (int bit = 0; bit < bits.length; bit++) {
            power = Math.max(power, Math.abs(lead[(int) Math.round(at + (bit + 0.5) * HOPS_A_BIT)]));
        }
        double atMillis = 1000.0 * at * HOP / Sound.LINE_RATE + MIDDLE_MILLIS;
        return new Heard(Modem.character(bits), Modem.even(bits), atMillis, 10 * Math.log10(2 * power));
    }
}
