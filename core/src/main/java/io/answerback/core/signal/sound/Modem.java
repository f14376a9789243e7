package io.answerback.core.signal.sound;

/// The tones and times of blocks on a line: 300 bits a second, the panel's as the calling side (1270 Hz for a
/// one, 1070 Hz for space), the receiver's as the answering side (ITU-T V.21 works alike with other tones). A
/// character is a start bit of space, eight bits with the lowest first, a bit that makes the ones even, and a
/// stop bit of mark. Receivers differ; check the receiver's manual.
final class Modem {
    /// The panel's tone for mark, which is a one, and between characters.
    static final double MARK_HERTZ = 1270;

    /// The panel's tone for space, which is a nought.
    static final double SPACE_HERTZ = 1070;

    /// The receiver's tone when it asks for blocks and when it acknowledges them.
    static final int RECEIVER_HERTZ = 2225;

    /// The receiver's tone when it refuses a block.
    static final int REFUSAL_HERTZ = 2025;

    /// How long a bit lasts.
    static final double BIT_MILLIS = 1000.0 / 300;

    /// Bits of a character: start, eight, parity, stop.
    static final int CHARACTER_BITS = 11;

    private static final int DATA_BITS = 8;

    private Modem() {}

    /// The bits of a character in the order in which they are sent.
    static boolean[] bits(byte character) {
        boolean[] bits = new boolean[CHARACTER_BITS];
        for (int bit = 0; bit < DATA_BITS; bit++) {
            bits[1 + bit] = (character >> bit & 1) == 1;
        }
        bits[1 + DATA_BITS] = Integer.bitCount(character & 0xFF) % 2 == 1;
        bits[CHARACTER_BITS - 1] = true;
        return bits;
    }

    /// The character of bits that begin with its start bit.
    static byte character(boolean[] bits) {
        int value = 0;
        for (int bit = 0; bit < DATA_BITS; bit++) {
            value |= bits[1 + bit] ? 1 << bit : 0;
        }
        return (byte) value;
    }

    /// Whether the parity bit of a character is right.
    static boolean even(boolean[] bits) {
        return bits[1 + DATA_BITS] == (Integer.bitCount(character(bits) & 0xFF) % 2 == 1);
    }
}
