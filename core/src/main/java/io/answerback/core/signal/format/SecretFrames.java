package io.answerback.core.signal.format;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.util.HexFormat;
import java.util.Locale;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.crypto.Cipher;
import javax.crypto.spec.IvParameterSpec;

/// Encrypted frames of SIA DC-09: the id begins with `*`, and behind the bracket stands, as hexadecimal digits,
/// AES in CBC mode with an initial vector of zeros of random padding, `|`, the data, `]`, further data and the
/// time, which is required. The padding makes the count of bytes a multiple of 16 and has at least one byte.
public final class SecretFrames {
    private static final Pattern BODY =
            Pattern.compile("(\"\\*[A-Z0-9-]{1,24}\"\\d{4}(?:R[0-9A-Fa-f]{1,6})?L[0-9A-Fa-f]{1,6}?"
                    + "(?:#([0-9A-Fa-f]{3,16})|A0)?\\[)((?:[0-9A-Fa-f]{32})+)");
    private static final int BLOCK = 16;
    private static final String PADDING = "ABCDEFGHJKLMNPQRSTUVWXYZabcdefghijkmnopqrstuvwxyz0123456789";
    /// One sentence for everything that can go wrong, so that nobody learns from it what a wrong key makes of a
    /// frame.
    private static final String CANNOT = "the frame cannot be decrypted with this key";

    private SecretFrames() {}

    /// Whether a frame says that it is encrypted.
    public static boolean encrypted(String text) {
        int quote = text.indexOf('"');
        return quote >= 0 && text.startsWith("\"*", quote);
    }

    /// The frame as text from LF to CR, encrypted.
    ///
    /// @param random makes the padding
    /// @throws IllegalArgumentException when the frame has no time stamp
    public static String encode(IpFrame frame, EncryptionKey key, RandomGenerator random) {
        if (frame.sentAt().isEmpty()) {
            throw new IllegalArgumentException("an encrypted frame needs a time stamp; give it one");
        }
        String clear = "|" + IpFrames.tail(frame);
        String padded = padding(BLOCK - clear.length() % BLOCK, random) + clear;
        byte[] secret = crypt(Cipher.ENCRYPT_MODE, key, padded.getBytes(StandardCharsets.ISO_8859_1));
        return IpFrames.enveloped(IpFrames.head(frame, "*" + frame.id())
                + HexFormat.of().withUpperCase().formatHex(secret));
    }

    private static String padding(int length, RandomGenerator random) {
        StringBuilder padding = new StringBuilder();
        for (int i = 0; i < length; i++) {
            padding.append(PADDING.charAt(random.nextInt(PADDING.length())));
        }
        return padding.toString();
    }

    /// The account of an encrypted frame, which stands in the clear; empty when it names none.
    ///
    /// @throws BadFrame when it is no encrypted frame, or its check or length is wrong
    public static Optional<String> account(String text) throws BadFrame {
        return Optional.ofNullable(parts(text).group(2)).map(account -> account.toUpperCase(Locale.ROOT));
    }

    /// Takes an encrypted frame apart. Its id comes back without the `*`.
    ///
    /// @throws BadFrame when it is no encrypted frame, its check or length is wrong, or the key does not fit
    public static IpFrame decode(String text, EncryptionKey key) throws BadFrame {
        Matcher parts = parts(text);
        byte[] clear = crypt(Cipher.DECRYPT_MODE, key, HexFormat.of().parseHex(parts.group(3)));
        String padded = new String(clear, StandardCharsets.ISO_8859_1);
        int data = padded.indexOf('|');
        if (data < 0) {
            throw new BadFrame(CANNOT);
        }
        IpFrame frame;
        try {
            frame = IpFrames.parsed(parts.group(1).replaceFirst("\\*", "") + padded.substring(data + 1));
        } catch (BadFrame wrongKey) {
            throw new BadFrame(CANNOT);
        }
        if (frame.sentAt().isEmpty()) {
            throw new BadFrame(CANNOT + ", or it has no time stamp, which an encrypted frame must have");
        }
        return frame;
    }

    private static Matcher parts(String text) throws BadFrame {
        Matcher parts = BODY.matcher(IpFrames.body(text));
        if (!parts.matches()) {
            throw new BadFrame("check and length are right, but it is no encrypted frame: \"*ID\", sequence, receiver,"
                    + " line, account and, behind a bracket, blocks of 32 hexadecimal digits");
        }
        return parts;
    }

    private static byte[] crypt(int mode, EncryptionKey key, byte[] bytes) {
        try {
            Cipher cipher = Cipher.getInstance("AES/CBC/NoPadding");
            cipher.init(mode, key.spec(), new IvParameterSpec(new byte[BLOCK]));
            return cipher.doFinal(bytes);
        } catch (GeneralSecurityException missing) {
            throw new IllegalStateException("this Java has no AES", missing);
        }
    }
}
