package io.answerback.core.signal.format;

import java.nio.charset.StandardCharsets;

/// The check of SIA DC-09 frames: CRC-16, polynomial x16 + x15 + x2 + 1 reflected (0xA001), start 0.
public final class Crc16 {
    private static final int POLYNOMIAL_REFLECTED = 0xA001;

    private Crc16() {}

    /// The check over the Latin-1 bytes of `text`, 0 to 0xFFFF. "123456789" gives 0xBB3D.
    public static int of(String text) {
        int crc = 0;
        for (byte next : text.getBytes(StandardCharsets.ISO_8859_1)) {
            crc ^= next & 0xFF;
            for (int bit = 0; bit < 8; bit++) {
                crc = (crc & 1) == 0 ? crc >>> 1 : (crc >>> 1) ^ POLYNOMIAL_REFLECTED;
            }
        }
        return crc;
    }
}
