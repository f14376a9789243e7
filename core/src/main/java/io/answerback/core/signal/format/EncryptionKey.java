package io.answerback.core.signal.format;

import java.nio.CharBuffer;
import java.util.Arrays;
import java.util.HexFormat;
import javax.crypto.spec.SecretKeySpec;

/// A key for AES of 128, 192 or 256 bits. Its text never shows the key.
public final class EncryptionKey {
    private final byte[] bytes;

    private EncryptionKey(byte[] bytes) {
        this.bytes = bytes;
    }

    /// The key in hexadecimal digits.
    ///
    /// @throws IllegalArgumentException when it is not 32, 48 or 64 hexadecimal digits; the message does not
    ///     repeat it
    public static EncryptionKey of(String hexadecimal) {
        return of(hexadecimal.toCharArray());
    }

    /// The key in hexadecimal digits, blanks left out, of letters that whoever typed them can wipe afterwards.
    ///
    /// @throws IllegalArgumentException as for a text
    public static EncryptionKey of(char[] hexadecimal) {
        char[] digits = new char[hexadecimal.length];
        int count = 0;
        for (char letter : hexadecimal) {
            if (letter != ' ') {
                digits[count++] = letter;
            }
        }
        try {
            return of(CharBuffer.wrap(digits, 0, count));
        } finally {
            Arrays.fill(digits, ' ');
        }
    }

    private static EncryptionKey of(CharSequence digits) {
        if (!digits.chars().allMatch(HexFormat::isHexDigit)) {
            throw new IllegalArgumentException("the key has a character that is not hexadecimal; write 0-9 and A-F");
        }
        if (digits.length() != 32 && digits.length() != 48 && digits.length() != 64) {
            throw new IllegalArgumentException(
                    "the key has " + digits.length() + " digits; it must have 32, 48 or 64 (128, 192 or 256 bits)");
        }
        return new EncryptionKey(HexFormat.of().parseHex(digits));
    }

    /// Its length in bits.
    public int bits() {
        return bytes.length * 8;
    }

    /// Its bytes, for a store that encrypts them.
    public byte[] bytes() {
        return bytes.clone();
    }

    SecretKeySpec spec() {
        return new SecretKeySpec(bytes, "AES");
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof EncryptionKey key && Arrays.equals(bytes, key.bytes);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(bytes);
    }

    @Override
    public String toString() {
        return "key of " + bits() + " bits";
    }
}
