package io.answerback.command;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/// Calls that are written as sound and heard again, and texts that are read.
class SoundVerbsTest {
    @TempDir
    Path folder;

    private Path wav() {
        return folder.resolve("call.wav");
    }

    private Called frame(String format, String event, Object... more) {
        List<Object> words = new ArrayList<>(List.of(
                "frame",
                "--format",
                format,
                "--account",
                format.startsWith("pulse-3") ? "042" : "7316",
                "--event",
                event));
        words.addAll(List.of("--area", "2", "--zone", "7", "--wav", wav()));
        words.addAll(Arrays.asList(more));
        return Called.of(words.toArray());
    }

    private JsonNode heard(String format) {
        return Called.of("read", "--format", format, wav(), "--json").json();
    }

    private static List<Double> values(JsonNode list, String key) {
        return StreamSupport.stream(list.spliterator(), false)
                .map(each -> each.get(key).asDouble())
                .toList();
    }

    @ParameterizedTest
    @ValueSource(ints = {10, 20, 40})
    void pulsesAreAsFastAsAsked(int rate) {
        assertThat(frame("pulse-4+2", "130", "--rate", rate).code()).isZero();
        JsonNode heard = heard("pulse-4+2");
        assertThat(heard.get("problems").size()).isZero();
        assertThat(values(heard.get("digits"), "pulsesPerSecond"))
                .filteredOn(speed -> speed > 0)
                .isNotEmpty()
                .allSatisfy(speed -> assertThat(speed).isCloseTo(rate, within(rate / 40.0)));
        assertThat(heard.get("tones").size())
                .as("no receiver's tone was asked for")
                .isZero();
    }

    @ParameterizedTest
    @ValueSource(ints = {1400, 2300})
    void pulsesBeginAndEndWithTheReceiversTone(int hertz) {
        assertThat(frame("pulse-3+1x", "3", "--handshake", hertz).code()).isZero();
        JsonNode heard = heard("pulse-3+1x");
        assertThat(values(heard.get("tones"), "hertz")).containsExactly((double) hertz, (double) hertz);
        assertThat(values(heard.get("tones"), "millis").getLast()).isCloseTo(800, within(30.0));
        assertThat(heard.get("printed").get(0).asString()).startsWith("042");
    }

    @Test
    void anAcknowledgementOf1800HzIsHeardBesidePulsesOf1800Hz() {
        assertThat(frame("pulse-4+2x", "B", "--handshake", 1400, "--acknowledge", 1800, "--rate", 10)
                        .code())
                .isZero();
        JsonNode heard = heard("pulse-4+2x");
        assertThat(values(heard.get("tones"), "hertz")).containsExactly(1400.0, 1800.0);
        assertThat(heard.get("printed").get(0).asString()).isEqualTo("7316  ALARM B  zone 07");
        assertThat(frame("pulse-4+2", "3", "--handshake", 1800).err()).contains("must be 1400 or 2300");
    }

    @Test
    void lettersGoOverTheLineAndAreReadAgain() {
        assertThat(frame("fsk-sia", "130", "--name", "Back door", "--handshake", 2300, "--dial", "5550142")
                        .out())
                .contains("#7316|Nri02/BA007^Back door^");
        JsonNode heard = heard("fsk-sia");
        assertThat(heard.get("printed").get(0).asString()).isEqualTo("7316  burglary  area 02 zone 007");
        assertThat(values(heard.get("tones"), "hertz")).containsExactly(2225.0, 2225.0);
        assertThat(heard.get("problems").size()).isZero();
    }

    @Test
    void aRecordingStandsInForTheSoundInput() throws Exception {
        frame("contact-id", "130", "--handshake", 1400);
        Called listened = Called.of("listen", "--format", "contact-id", "--from", wav(), "--save", folder, "--json");
        assertThat(listened.code()).isZero();
        JsonNode call = listened.json();
        assertThat(call.get("printed").get(0).asString()).contains("7316  130  burglary  area 02 zone 007");
        assertThat(Path.of(call.get("wav").asString())).isRegularFile();
        assertThat(Called.of("listen", "--format", "dc09-cid", "--from", wav()).err())
                .contains("is not heard on a line");
        assertThat(Called.of("listen", "--format", "contact-id", "--from", wav(), "--seconds", "-1")
                        .err())
                .contains("must be 0 to");
    }

    /// Two tones of one power between them: a level of -20 dB is heard as -20 dB, a twist of 6 dB as 6 dB.
    @Test
    void levelAndTwistAreThoseThatWereAskedFor() {
        assertThat(frame("contact-id", "130", "--level", "-20", "--twist", "6").code())
                .isZero();
        JsonNode digits = heard("contact-id").get("digits");
        assertThat(values(digits, "levelDecibels"))
                .allSatisfy(level -> assertThat(level).isCloseTo(-20, within(0.8)));
        assertThat(values(digits, "twistDecibels"))
                .allSatisfy(twist -> assertThat(twist).isCloseTo(6, within(0.8)));
        assertThat(values(digits, "onMillis")).allSatisfy(on -> assertThat(on).isCloseTo(50, within(3.0)));
    }

    @Test
    void dialledDigitsAreHeardInTonesAndNotInBreaks() throws Exception {
        assertThat(frame("contact-id", "130", "--dial", "0,5550142", "--handshake", "1400")
                        .code())
                .isZero();
        long inTones = Files.size(wav());
        assertThat(heard("contact-id").get("digits").size()).isEqualTo(16);
        assertThat(frame("contact-id", "130", "--dial", "0,5550142", "--loop-disconnect", "--handshake", "1400")
                        .code())
                .isZero();
        assertThat(Files.size(wav())).as("breaks take longer").isGreaterThan(inTones);
        assertThat(heard("contact-id").get("digits").size()).isEqualTo(16);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "contact-id | --dial | 0123x | write up to 32 digits",
                "contact-id | --handshake | 1500 | it must be 1400 or 2300",
                "pulse-4+2 | --rate | 15 | it must be 10, 20 or 40",
                "contact-id | --level | 3 | level in decibels",
                "contact-id | --noise | -1 | distance of the noise",
                "contact-id | --twist | 20 | twist in decibels",
                "dc09-cid | --seq | 4 | goes over IP and has no sound"
            })
    void whatHasNoSoundIsRefused(String format, String option, String value, String says) {
        Called refused = frame(format, "130", option, value);
        assertThat(refused.code()).isEqualTo(2);
        assertThat(refused.err()).contains(says).hasLineCount(1);
        assertThat(wav()).doesNotExist();
    }

    private Called read(String format, String text) throws Exception {
        Path file = Files.writeString(folder.resolve("text.txt"), text, StandardCharsets.ISO_8859_1);
        return Called.of("read", "--format", format, file, "--json");
    }

    private static String ipFrame(int sequence) {
        return Called.of(
                        "frame",
                        "--format",
                        "dc09-cid",
                        "--account",
                        "7316",
                        "--event",
                        "130",
                        "--area",
                        "2",
                        "--zone",
                        sequence,
                        "--seq",
                        sequence,
                        "--json")
                .json()
                .get("frame")
                .asString();
    }

    /// As they came over a line, or as other verbs print them.
    @Test
    void severalFramesInAFileAreReadOneAfterTheOther() throws Exception {
        String raw = ipFrame(4) + ipFrame(5);
        assertThat(raw).contains("\r");
        assertThat(values(read("dc09-cid", raw).json().get("signals"), "zone")).containsExactly(4.0, 5.0);
        String printed = raw.replace("\n", "\\n").replace("\r", "\\r");
        assertThat(values(read("dc09-cid", printed + "\n").json().get("signals"), "zone"))
                .containsExactly(4.0, 5.0);
        assertThat(values(
                        read("dc09-cid", ipFrame(4) + "\n" + ipFrame(5) + "\n")
                                .json()
                                .get("signals"),
                        "zone"))
                .containsExactly(4.0, 5.0);
    }

    @Test
    void tonesAreAReportALine() throws Exception {
        String digits = Called.of("frame", "--format", "contact-id", "--account", "7316", "--event", "130", "--json")
                .json()
                .get("frame")
                .asString();
        JsonNode report = read("contact-id", digits + "\n\n" + digits + "\n").json();
        assertThat(report.get("signals").size()).isEqualTo(2);
        assertThat(report.get("problems").size()).isZero();
    }

    @Test
    void anEmptyTextIsWrongAndNotNothing() throws Exception {
        for (String format : List.of("dc09-cid", "dc09-null", "pulse-4+2")) {
            Called empty = read(format, "");
            assertThat(empty.code()).as(format).isEqualTo(1);
            assertThat(empty.json().get("problems").size()).as(format).isPositive();
        }
    }

    @Test
    void standardInputIsReadAndOneMegabyteAtMost() throws Exception {
        InputStream before = System.in;
        try {
            System.setIn(new ByteArrayInputStream(ipFrame(6).getBytes(StandardCharsets.ISO_8859_1)));
            Called read = Called.of("read", "--format", "dc09-cid", "-", "--json");
            assertThat(values(read.json().get("signals"), "zone")).containsExactly(6.0);
            System.setIn(new ByteArrayInputStream(new byte[(1 << 20) + 1]));
            Called large = Called.of("read", "--format", "dc09-cid", "-");
            assertThat(large.code()).isEqualTo(2);
            assertThat(large.err()).contains("more than 1 MB");
        } finally {
            System.setIn(before);
        }
    }

    @Test
    void aFrameWithAWrongByteIsPrintedWithWhatIsWrong() throws Exception {
        Path file = Files.writeString(
                folder.resolve("bad.txt"), ipFrame(7).replace("1130", "1131"), StandardCharsets.ISO_8859_1);
        Called read = Called.of("read", "--format", "dc09-cid", file);
        assertThat(read.code()).isEqualTo(1);
        assertThat(read.out()).contains("wrong: ");
    }
}
