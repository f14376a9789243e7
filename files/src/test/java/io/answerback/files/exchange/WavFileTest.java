package io.answerback.files.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assumptions.assumeThat;

import io.answerback.core.receiver.ReportFormat;
import io.answerback.core.sound.CallScript;
import io.answerback.core.sound.LineQuality;
import io.answerback.core.sound.Listening;
import io.answerback.core.sound.Sound;
import io.answerback.core.sound.Synthesis;
import io.answerback.files.BrokenFile;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WavFileTest {
    private static final String DIGITS = "1234181131010158";

    @TempDir
    Path folder;

    private static Sound call() {
        return Synthesis.of(
                new CallScript().silence(100).tones(DIGITS).call(), new LineQuality(-10, 25, 2, 0), new Random(1));
    }

    private static List<String> heard(Sound sound) {
        return Listening.to(sound, ReportFormat.TONES).reports();
    }

    @Test
    void whatIsWrittenIsReadBack() throws Exception {
        Path file = folder.resolve("call.wav");
        WavFile.write(file, call());
        Sound read = WavFile.read(file);
        assertThat(read.rate()).isEqualTo(8000);
        assertThat(read.samples()).hasSize(call().samples().length);
        assertThat(read.samples()[4000]).isCloseTo(call().samples()[4000], within(1e-4f));
        assertThat(heard(read)).containsExactly(DIGITS);
    }

    /// The same sound in another form: stereo with the call on one side, other sizes of numbers.
    private static byte[] as(int kind, int bits, int channels) {
        float[] samples = call().samples();
        int bytes = bits / 8;
        ByteBuffer out =
                ByteBuffer.allocate(44 + samples.length * bytes * channels).order(ByteOrder.LITTLE_ENDIAN);
        out.put("RIFF".getBytes())
                .putInt(out.capacity() - 8)
                .put("WAVEfmt ".getBytes())
                .putInt(16);
        out.putShort((short) kind).putShort((short) channels).putInt(8000).putInt(8000 * bytes * channels);
        out.putShort((short) (bytes * channels)).putShort((short) bits).put("data".getBytes());
        out.putInt(samples.length * bytes * channels);
        for (float sample : samples) {
            for (int channel = 0; channel < channels; channel++) {
                put(out, kind, bytes, channel == 0 ? sample : 0);
            }
        }
        return out.array();
    }

    private static void put(ByteBuffer out, int kind, int bytes, float sample) {
        if (kind == 3) {
            out.putFloat(sample);
            return;
        }
        long whole = Math.round(sample * ((1L << 8 * bytes - 1) - 1));
        if (bytes == 1) {
            out.put((byte) (whole + 128));
            return;
        }
        for (int i = 0; i < bytes; i++) {
            out.put((byte) (whole >> 8 * i));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"1 8 1", "1 16 2", "1 24 1", "1 32 2", "3 32 1"})
    void otherFormsAreRead(String form) throws Exception {
        String[] parts = form.split(" ");
        byte[] bytes = as(Integer.parseInt(parts[0]), Integer.parseInt(parts[1]), Integer.parseInt(parts[2]));
        assertThat(heard(WavFile.read(bytes, "call"))).containsExactly(DIGITS);
    }

    /// ITU-T G.711: the largest and the smallest codes of both laws.
    @Test
    void compandedSamplesHaveTheValuesOfTheStandard() {
        assertThat(Companding.ofMuLaw(0x80)).isEqualTo(32_124);
        assertThat(Companding.ofMuLaw(0x00)).isEqualTo(-32_124);
        assertThat(Companding.ofMuLaw(0xFF)).isZero();
        assertThat(Companding.ofALaw(0xD5)).isEqualTo(8);
        assertThat(Companding.ofALaw(0xAA)).isEqualTo(32_256);
        assertThat(Companding.ofALaw(0x2A)).isEqualTo(-32_256);
    }

    @Test
    void whatIsNoWavIsRefusedWithTheReason() {
        assertThatThrownBy(() -> WavFile.read("no sound".getBytes(), "x.wav")).hasMessageContaining("RIFF");
        assertThatThrownBy(() -> WavFile.read(as(2, 16, 1), "x.wav")).hasMessageContaining("kind 2 with 16 bits");
        assertThatThrownBy(() -> WavFile.read(java.util.Arrays.copyOf(as(1, 16, 1), 30), "x.wav"))
                .isInstanceOf(BrokenFile.class);
        assertThatThrownBy(() -> WavFile.read(folder.resolve("none.wav"))).hasMessageContaining("not a file");
    }

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

    private static Object[] with(Object[] first, Object... then) {
        return java.util.stream.Stream.of(first, then)
                .flatMap(java.util.Arrays::stream)
                .toArray();
    }

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

    @Test
    void aFileThatIsTooLargeIsRefusedBeforeItIsRead() throws Exception {
        Path file = folder.resolve("huge.wav");
        try (java.io.RandomAccessFile huge = new java.io.RandomAccessFile(file.toFile(), "rw")) {
            huge.setLength((200L << 20) + 1);
        }
        assertThatThrownBy(() -> WavFile.read(file)).hasMessageContaining("larger than 200 MB");
    }

    @Test
    void damagedFilesAreReadOrRefusedAndNothingElse() throws Exception {
        byte[] right = as(1, 16, 1);
        Random random = new Random(3);
        for (int i = 0; i < 300; i++) {
            byte[] wrong = java.util.Arrays.copyOf(right, random.nextInt(right.length) + 1);
            for (int change = 0; change < 4; change++) {
                wrong[random.nextInt(Math.min(60, wrong.length))] = (byte) random.nextInt(256);
            }
            try {
                Sound sound = WavFile.read(wrong, "damaged");
                assertThat(sound.samples().length).isLessThan(2 * right.length);
            } catch (BrokenFile refused) {
                assertThat(refused.getMessage()).startsWith("damaged ").doesNotContain("\n");
            }
        }
    }

    /// A general decoder of tones, where it is installed, hears the same digits.
    @Test
    void aGeneralDecoderHearsTheSameDigits() throws Exception {
        assumeThat(installed("sox") && installed("multimon-ng")).isTrue();
        Path wav = folder.resolve("call.wav");
        Path raw = folder.resolve("call.raw");
        WavFile.write(wav, call());
        run("sox", wav.toString(), "-t", "raw", "-e", "signed", "-b", "16", "-r", "22050", raw.toString());
        String out = run("multimon-ng", "-q", "-a", "DTMF", "-t", "raw", raw.toString());
        String digits = Pattern.compile("DTMF: (.)")
                .matcher(out)
                .results()
                .map(it -> it.group(1))
                .collect(Collectors.joining());
        assertThat(digits).isEqualTo(DIGITS);
    }

    private static boolean installed(String program) throws Exception {
        try {
            new ProcessBuilder(program, "--version")
                    .redirectErrorStream(true)
                    .start()
                    .waitFor(10, TimeUnit.SECONDS);
            return true;
        } catch (IOException missing) {
            return false;
        }
    }

    private static String run(String... command) throws Exception {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String out = new String(process.getInputStream().readAllBytes());
        assertThat(process.waitFor(30, TimeUnit.SECONDS)).isTrue();
        return out;
    }
}
