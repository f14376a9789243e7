package io.answerback.files.exchange;

/// The two ways in which telephone networks write a sample as 8 bits (ITU-T G.711), read as whole numbers of 16
/// bits.
final class Companding {
    private static final int MU_BIAS = 0x84;

    private Companding() {}

    /// A sample by A-law.
    ///
    /// @param code 0 to 255
    static int ofALaw(int code) {
        int bits = code ^ 0x55;
        int segment = (bits & 0x70) >> 4;
        int step = (bits & 0x0F) << 4;
        int size = segment == 0 ? step + 8 : step + 0x108 << segment - 1;
        return (bits & 0x80) != 0 ? size : -size;
    }

    /// A sample by mu-law.
    ///
    /// @param code 0 to 255
    static int ofMuLaw(int code) {
        int bits = ~code & 0xFF;
        int size = (((bits & 0x0F) << 3) + MU_BIAS << ((bits & 0x70) >> 4)) - MU_BIAS;
        return (bits & 0x80) != 0 ? -size : size;
    }
}
