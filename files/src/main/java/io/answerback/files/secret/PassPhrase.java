package io.answerback.files.secret;

import java.security.GeneralSecurityException;
import java.util.Arrays;
import java.util.Base64;
import javax.crypto.AEADBadTagException;
import javax.crypto.Cipher;
import javax.crypto.SecretKey;
import javax.crypto.SecretKeyFactory;
import javax.crypto.spec.GCMParameterSpec;
import javax.crypto.spec.PBEKeySpec;
import javax.crypto.spec.SecretKeySpec;

/// Encrypts bytes with what is derived from a pass phrase: PBKDF2 with HMAC-SHA-256 (RFC 8018), then AES with
/// 256 bits in GCM (NIST SP 800-38D), which also notices every change.
final class PassPhrase {
    /// Letters that a new pass phrase must have at least.
    static final int LEAST_LETTERS = 12;

    static final int SALT_BYTES = 16;
    static final int NONCE_BYTES = 12;
    private static final int TAG_BITS = 128;

    private final SecretKey key;
    private final byte[] salt;
    private final int rounds;

    private PassPhrase(SecretKey key, byte[] salt, int rounds) {
        this.key = key;
        this.salt = salt;
        this.rounds = rounds;
    }

    /// Derives the key. Takes some tenths of a second, on purpose.
    static PassPhrase of(char[] typed, byte[] salt, int rounds) {
        PBEKeySpec spec = new PBEKeySpec(typed, salt, rounds, 256);
        try {
            byte[] derived = SecretKeyFactory.getInstance("PBKDF2WithHmacSHA256")
                    .generateSecret(spec)
                    .getEncoded();
            return new PassPhrase(new SecretKeySpec(derived, "AES"), salt.clone(), rounds);
        } catch (GeneralSecurityException missing) {
            throw new IllegalStateException("this Java has no PBKDF2", missing);
        } finally {
            spec.clearPassword();
        }
    }

    byte[] salt() {
        return salt.clone();
    }

    int rounds() {
        return rounds;
    }

    /// Whether a file was encrypted with the same salt and rounds, and so with this pass phrase unless it was
    /// damaged.
    boolean fits(byte[] otherSalt, int otherRounds) {
        return rounds == otherRounds && Arrays.equals(salt, otherSalt);
    }

    byte[] encrypt(byte[] clear, byte[] nonce) {
        try {
            return cipher(Cipher.ENCRYPT_MODE, nonce).doFinal(clear);
        } catch (GeneralSecurityException missing) {
            throw new IllegalStateException("this Java has no AES", missing);
        }
    }

    /// @throws WrongPassPhrase when this is not what it was encrypted with, or a byte has changed since
    byte[] decrypt(byte[] secret, byte[] nonce) throws WrongPassPhrase {
        try {
            return cipher(Cipher.DECRYPT_MODE, nonce).doFinal(secret);
        } catch (AEADBadTagException wrong) {
            throw new WrongPassPhrase();
        } catch (GeneralSecurityException missing) {
            throw new IllegalStateException("this Java has no AES", missing);
        }
    }

    private Cipher cipher(int mode, byte[] nonce) throws GeneralSecurityException {
        Cipher cipher = Cipher.getInstance("AES/GCM/NoPadding");
        cipher.init(mode, key, new GCMParameterSpec(TAG_BITS, nonce));
        return cipher;
    }

    static String text(byte[] bytes) {
        return Base64.getEncoder().encodeToString(bytes);
    }
}
