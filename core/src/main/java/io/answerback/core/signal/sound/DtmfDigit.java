package io.answerback.core.signal.sound;

/// The pairs of tones of digits (ITU-T Q.23), and the hexadecimal digits they stand for in reports: `*` is B,
/// `#` is C and the keys A, B, C are D, E, F. Key D stands for A, which reports do not use.
public final class DtmfDigit {
    /// The low group, in hertz.
    static final double[] LOW = {697, 770, 852, 941};
    /// The high group, in hertz.
    static final double[] HIGH = {1209, 1336, 1477, 1633};
    private static final String KEYS = "123D456E789FB0CA";

    private DtmfDigit() {}

    /// The two tones of a digit, the lower first, in hertz.
    ///
    /// @throws IllegalArgumentException when it is not one of 0-9 and A-F
    public static double[] hertz(char digit) {
        int key = KEYS.indexOf(digit);
        if (key < 0) {
            throw new IllegalArgumentException("\"" + digit + "\" has no tones; there are 0-9 and A-F");
        }
        return new double[] {LOW[key / 4], HIGH[key % 4]};
    }

    /// The digit of a place in the low and one in the high group.
    static char at(int low, int high) {
        return KEYS.charAt(low * 4 + high);
    }

    /// All eight tones from the highest to the lowest, in hertz, as they are drawn.
    public static double[] drawn() {
        return new double[] {1633, 1477, 1336, 1209, 941, 852, 770, 697};
    }
}
