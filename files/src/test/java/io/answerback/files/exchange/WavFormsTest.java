package io.answerback.files.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.files.BrokenFile;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Headers of every sort: read, or refused with what is wrong.
class WavFormsTest extends WavBytes {
    /// The header of one channel of 16 bits at 8000 samples a second, with some of its numbers changed.
    private static byte[] header(int kind, int channels, int rate, int bits) {
        ByteBuffer out = ByteBuffer.wrap(as(1, 16, 1)).order(ByteOrder.LITTLE_ENDIAN);
        out.putShort(20, (short) kind)
                .putShort(22, (short) channels)
                .putInt(24, rate)
                .putShort(34, (short) bits);
        return out.array();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 | 0 | 8000 | 16 | has 0 channels",
                "1 | 9 | 8000 | 16 | has 9 channels",
                "1 | 1 | 7999 | 16 | has 7999 samples a second",
                "1 | 1 | 192001 | 16 | has 192001 samples a second",
                "1 | 1 | -1 | 16 | has -1 samples a second",
                "1 | 1 | 8000 | 12 | kind 1 with 12 bits",
                "1 | 1 | 8000 | 0 | kind 1 with 0 bits",
                "1 | 1 | 8000 | 40 | kind 1 with 40 bits",
                "3 | 1 | 8000 | 64 | kind 3 with 64 bits",
                "6 | 1 | 8000 | 16 | kind 6 with 16 bits"
            })
    void aFormThatIsNotReadIsNamed(int kind, int channels, int rate, int bits, String says) {
        assertThatThrownBy(() -> WavFile.read(header(kind, channels, rate, bits), "x.wav"))
                .isInstanceOf(BrokenFile.class)
                .hasMessageContaining(says);
    }

    private static byte[] chunks(Object... parts) {
        ByteBuffer out = ByteBuffer.allocate(400).order(ByteOrder.LITTLE_ENDIAN);
        out.put("RIFF".getBytes()).putInt(0).put("WAVE".getBytes());
        for (Object part : parts) {
            switch (part) {
                case String text -> out.put(text.getBytes());
                case Short number -> out.putShort(number);
                case Float number -> out.putFloat(number);
                default -> out.putInt((Integer) part);
            }
        }
        return java.util.Arrays.copyOf(out.array(), out.position());
    }

    private static final Object[] FORM = {"fmt ", 16, (short) 1, (short) 1, 8000, 16_000, (short) 2, (short) 16};

    @Test
    void otherChunksArePassedOverAlsoThoseOfAnOddLength() throws Exception {
        byte[] bytes = chunks(with(with(FORM, "LIST", 3, "abcd"), "data", 4, (short) 16_384, (short) -16_384));
        assertThat(WavFile.read(bytes, "x.wav").samples()).containsExactly(0.5f, -0.5f);
    }

    /// As some recorders leave it whose power failed: the length was never filled in, or is longer than the file.
    @Test
    void aRecordingWithoutItsLengthIsReadAsFarAsItGoes() throws Exception {
        byte[] bytes = chunks(with(FORM, "data", -1, (short) 16_384, (short) -16_384));
        assertThat(WavFile.read(bytes, "x.wav").samples()).containsExactly(0.5f, -0.5f);
    }

    @Test
    void soundBeforeItsFormAndNoSoundAtAllAreSaid() {
        assertThatThrownBy(() -> WavFile.read(chunks("data", 2, (short) 1), "x.wav"))
                .hasMessageContaining("has its sound before its form");
        assertThatThrownBy(() -> WavFile.read(chunks(FORM), "x.wav")).hasMessageContaining("there is no data chunk");
        assertThatThrownBy(() -> WavFile.read(chunks("fmt ", 14, (short) 1, (short) 1, 8000, 8000, (short) 1), "x.wav"))
                .hasMessageContaining("has 14 bytes, not 16");
    }

    @Test
    void anExtendedFormNamesItsKindFurtherBack() throws Exception {
        byte[] bytes = chunks(
                "fmt ",
                40,
                (short) 0xFFFE,
                (short) 1,
                8000,
                32_000,
                (short) 4,
                (short) 32,
                (short) 22,
                (short) 32,
                4,
                (short) 3,
                "0123456789ABCD",
                "data",
                12,
                0.25f,
                Float.NaN,
                7f);
        assertThat(WavFile.read(bytes, "x.wav").samples()).containsExactly(0.25f, 0f, 1f);
    }

    @Test
    void channelsAreAddedUpAndNeverPassFullScale() throws Exception {
        byte[] bytes = chunks(
                "fmt ",
                16,
                (short) 1,
                (short) 2,
                8000,
                32_000,
                (short) 4,
                (short) 16,
                "data",
                8,
                (short) 8192,
                (short) 8192,
                (short) 32_000,
                (short) 32_000);
        assertThat(WavFile.read(bytes, "x.wav").samples()).containsExactly(0.5f, 1f);
    }

    private static Object[] with(Object[] first, Object... then) {
        return java.util.stream.Stream.of(first, then)
                .flatMap(java.util.Arrays::stream)
                .toArray();
    }
}
