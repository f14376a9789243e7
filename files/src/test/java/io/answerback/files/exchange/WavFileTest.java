package io.answerback.files.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assumptions.assumeThat;

import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.signal.format.BlockReport;
import io.answerback.core.signal.sound.Call;
import io.answerback.core.signal.sound.CallScript;
import io.answerback.core.signal.sound.LineQuality;
import io.answerback.core.signal.sound.Listening;
import io.answerback.core.signal.sound.Sound;
import io.answerback.core.signal.sound.Synthesis;
import io.answerback.files.BrokenFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WavFileTest extends WavBytes {
    private static final com.sun.management.ThreadMXBean MEMORY =
            (com.sun.management.ThreadMXBean) java.lang.management.ManagementFactory.getThreadMXBean();

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

    /// Of a recording of hours no more is taken into memory than could be used.
    @Test
    void soundThatIsTooLongIsRefusedInLittleMemory() throws Exception {
        Path file = folder.resolve("hours.wav");
        byte[] begins = as(1, 16, 1);
        begins[40] = begins[41] = begins[42] = (byte) 0xFF;
        begins[43] = 0x7F;
        Files.write(file, begins);
        try (java.io.RandomAccessFile hours = new java.io.RandomAccessFile(file.toFile(), "rw")) {
            hours.setLength(199L << 20);
        }
        long before = MEMORY.getCurrentThreadAllocatedBytes();
        assertThatThrownBy(() -> WavFile.read(file)).hasMessageContaining("minutes of sound that are read");
        assertThat(MEMORY.getCurrentThreadAllocatedBytes() - before).isLessThan(200L << 20);
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

    /// A general modem, where it is installed, hears the same bits: 11 of a character, each with its start,
    /// its parity and its stop.
    @Test
    void aGeneralModemHearsTheSameBlocks() throws Exception {
        assumeThat(installed("sox") && installed("minimodem")).isTrue();
        Path wav = folder.resolve("blocks.wav");
        Path fast = folder.resolve("fast.wav");
        BlockReport report = BlockReport.of("#7316|Nri02/BA007");
        Call call = new CallScript().silence(300).blocks(report.blocks()).call();
        WavFile.write(wav, Synthesis.of(call, LineQuality.GOOD, new Random(1)));
        run("sox", wav.toString(), "-r", "48000", fast.toString());
        String bits = run("minimodem", "--rx", "300", "-q", "--binary-raw", "11", "-f", fast.toString());
        assertThat(characters(bits.replaceAll("[^01]", ""))).contains("\004#7316\u00dbJNri02/BA007");
    }

    private static String characters(String bits) {
        StringBuilder text = new StringBuilder();
        for (int at = 0; at + 11 <= bits.length(); at++) {
            String character = bits.substring(at, at + 11);
            if (character.charAt(0) == '0' && character.charAt(10) == '1') {
                long ones = character
                        .substring(1, 10)
                        .chars()
                        .filter(bit -> bit == '1')
                        .count();
                String lowestFirst = character.substring(1, 9);
                int value = Integer.parseInt(
                        new StringBuilder(lowestFirst).reverse().toString(), 2);
                text.append(ones % 2 == 0 ? (char) value : '?');
                at += 10;
            }
        }
        return text.toString();
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
