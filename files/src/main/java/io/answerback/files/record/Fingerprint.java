package io.answerback.files.record;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/// The fingerprint of bytes: SHA-256 (FIPS 180-4) as 64 hexadecimal digits.
public final class Fingerprint {
    private Fingerprint() {}

    /// The fingerprint of bytes.
    public static String of(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("every Java has SHA-256", impossible);
        }
    }

    /// The fingerprint of a text in UTF-8.
    public static String of(String text) {
        return of(text.getBytes(StandardCharsets.UTF_8));
    }
}
