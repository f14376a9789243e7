package io.answerback.core.signal.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.HexFormat;
import java.util.Random;
import javax.crypto.Cipher;
import javax.crypto.spec.IvParameterSpec;
import javax.crypto.spec.SecretKeySpec;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SecretFramesTest {
    private static final Instant AT = Instant.parse("2026-05-12T09:41:07Z");
    private static final Signal SIGNAL = new Signal("7316", Qualifier.NEW, "130", 1, 7);
    private static final IpFrame FRAME = IpFrame.of(SIGNAL, 42, "1", "0", AT);
    private static final String DIGITS = "000102030405060708090A0B0C0D0E0F101112131415161718191A1B1C1D1E1F";

    private static String hex(int bits) {
        return DIGITS.substring(0, bits / 4);
    }

    private static String secret(int bits) {
        return SecretFrames.encode(FRAME, EncryptionKey.of(hex(bits)), new Random(1));
    }

    /// Taken apart with the general crypto library and no code of ours.
    @ParameterizedTest
    @ValueSource(ints = {128, 192, 256})
    void aGeneralToolReadsWhatWasEncrypted(int bits) throws Exception {
        String text = secret(bits);
        assertThat(text).contains("\"*ADM-CID\"0042R1L0#7316[").matches("(?s).*\\[[0-9A-F]+\r");
        String digits = text.substring(text.indexOf('[') + 1, text.length() - 1);
        Cipher cipher = Cipher.getInstance("AES/CBC/NoPadding");
        byte[] key = HexFormat.of().parseHex(hex(bits));
        cipher.init(Cipher.DECRYPT_MODE, new SecretKeySpec(key, "AES"), new IvParameterSpec(new byte[16]));
        String clear = new String(cipher.doFinal(HexFormat.of().parseHex(digits)), StandardCharsets.ISO_8859_1);
        assertThat(clear).matches("[A-Za-z0-9]{1,16}\\|#7316\\|1130 01 007\\]_09:41:07,05-12-2026");
    }

    @ParameterizedTest
    @ValueSource(ints = {128, 192, 256})
    void whatWasEncryptedIsReadBack(int bits) throws BadFrame {
        assertThat(SecretFrames.encrypted(secret(bits))).isTrue();
        assertThat(SecretFrames.account(secret(bits))).contains("7316");
        assertThat(SecretFrames.decode(secret(bits), EncryptionKey.of(hex(bits))))
                .isEqualTo(FRAME);
    }

    @Property(tries = 200)
    void anotherKeySaysNothingButThatItDoesNotFit(@ForAll @IntRange(min = 1, max = 100_000) int seed) {
        byte[] other = new byte[16];
        new Random(seed).nextBytes(other);
        EncryptionKey key = EncryptionKey.of(HexFormat.of().formatHex(other));
        assertThatThrownBy(() -> SecretFrames.decode(secret(128), key))
                .isInstanceOf(BadFrame.class)
                .hasMessageStartingWith("the frame cannot be decrypted with this key");
    }

    @Test
    void aFrameWithoutItsKeyOrWithHalfABlockIsRefused() {
        assertThatThrownBy(() -> IpFrames.decode(secret(128))).hasMessageContaining("its key is needed");
        String body = "\"*ADM-CID\"0042L0#7316[00112233";
        String torn = IpFrames.enveloped(body);
        assertThatThrownBy(() -> SecretFrames.decode(torn, EncryptionKey.of(hex(128))))
                .hasMessageContaining("blocks of 32");
    }

    @Test
    void aKeyIsOfThreeLengthsAndItsTextDoesNotShowIt() {
        assertThat(EncryptionKey.of(hex(192))).hasToString("key of 192 bits");
        assertThatThrownBy(() -> EncryptionKey.of("0011")).hasMessageContaining("has 4 digits");
        assertThatThrownBy(() -> EncryptionKey.of("00zz"))
                .hasMessageContaining("not hexadecimal")
                .hasMessageNotContaining("zz");
    }
}
