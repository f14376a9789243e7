package io.answerback.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/// Building and reading every format from the command line, and what is refused.
class ReportingVerbsTest {
    private static final String KEY = "00112233445566778899AABBCCDDEEFF";

    @TempDir
    Path folder;

    private static Called frame(String format, Object... more) {
        Object[] call = {
            "frame", "--format", format, "--account", "7316", "--event", "130", "--area", "2", "--zone", "7"
        };
        return Called.of(join(call, more));
    }

    private static Object[] join(Object[] some, Object... more) {
        List<Object> all = new java.util.ArrayList<>(List.of(some));
        all.addAll(List.of(more));
        return all.toArray();
    }

    private Called read(String format, String text, Object... more) throws Exception {
        Path file = Files.writeString(folder.resolve("frame.txt"), text, StandardCharsets.ISO_8859_1);
        return Called.of(join(new Object[] {"read", "--format", format, file}, more));
    }

    @ParameterizedTest
    @CsvSource({
        "dc09-cid,7316  130  burglary  area 02 zone 007",
        "dc09-sia,7316  burglary  area 02 zone 007",
        "contact-id,7316  130  burglary  area 02 zone 007",
        "pulse-4+2,7316  ALARM 3  zone 07",
        "pulse-4+2p,7316  ALARM 3  zone 07",
        "pulse-4+1,7316  ALARM 3"
    })
    void whatIsBuiltIsRead(String format, String printed) throws Exception {
        String frame = frame(format, "--json").json().get("frame").asString();
        Called read = read(format, frame, "--json");
        assertThat(read.code()).isZero();
        assertThat(read.json().get("printed").get(0).asString()).isEqualTo(printed);
        assertThat(read.json().get("signals").get(0).get("account").asString()).isEqualTo("7316");
        assertThat(read(format, frame(format).out()).out().strip()).isEqualTo(printed);
    }

    @Test
    void pathsSayWhoAnswersWhatEverHasFailed() throws Exception {
        Path job = folder.resolve("x.answerback.json");
        Called.of("new", job, "--demo", "1");
        Called paths = Called.of("paths", job, "--json");
        assertThat(paths.code()).isZero();
        JsonNode up = paths.json().get("scenarios").get(0);
        assertThat(up.get("name").asString()).isEqualTo("everything up");
        assertThat(up.get("answeredMillis").asInt()).isEqualTo(200);
        assertThat(up.get("by").asString()).isEqualTo("A1");
        assertThat(up.get("steps").get(0).get("path").asString()).isEqualTo("IP");
        JsonNode cellular = paths.json().get("paths").get(1);
        // a poll every 180 s, its tries of 12 s in all, and the 60 s of the station's own timer
        assertThat(cellular.get("silenceSeconds").asInt()).isEqualTo(180 + 12 + 60);
        assertThat(cellular.get("megabytesPerMonth").asDouble())
                .isGreaterThan(cellular.get("planMegabytes").asDouble());
        assertThat(paths.json().get("rule").get("ok").asBoolean()).isTrue();
        assertThat(paths.json().get("rule").get("answerSeconds").asInt()).isEqualTo(60);
        assertThat(Called.of("paths", job).out())
                .contains("IP down: answered after 15.1 s by Station B, dial line")
                .contains("dial line: silence never noticed");
    }

    @Test
    void theAddressSheetIsCheckedFieldByField() throws Exception {
        Path job = folder.resolve("x.answerback.json");
        Called.of("new", job, "--demo", "1");
        assertThat(Called.of("network", job, "--json").json().get("ok").asBoolean())
                .isTrue();
        assertThat(Called.of("network", job).out()).contains("nothing is wrong", "port 9009 (Station A)");
        Files.writeString(
                job, Files.readString(job).replace("\"gateway\": \"192.168.40.1\"", "\"gateway\": \"192.168.4.1\""));
        Called wrong = Called.of("network", job, "--json");
        assertThat(wrong.code()).isEqualTo(1);
        JsonNode problem = wrong.json().get("problems").get(0);
        assertThat(problem.get("field").asString()).isEqualTo("gateway");
        assertThat(problem.get("says").asString()).contains("outside the network 192.168.40.0/24");
        Called.of("new", folder.resolve("y.answerback.json"), "--demo", "3");
        assertThat(Called.of("network", folder.resolve("y.answerback.json"), "--json")
                        .json()
                        .get("ok")
                        .asBoolean())
                .isFalse();
    }

    @Test
    void twoAccountsForOneEventAreAProblem() throws Exception {
        Called built = Called.of(
                "frame", "--format", "pulse-3+1x", "--account", "042", "--event", "3", "--zone", "7", "--json");
        assertThat(built.json().get("frame").asString()).isEqualTo("0423 0423 3337 3337");
        Called read = read("pulse-3+1x", "0423 0423 3337 3337", "--json");
        assertThat(read.code()).isEqualTo(1);
        assertThat(read.json().get("printed").size()).isEqualTo(2);
        assertThat(read.json().get("problems").get(0).asString()).contains("Account 333 is nobody's");
    }

    @Test
    void anEncryptedFrameIsReadWithItsKeyOnly() throws Exception {
        String keys = keys("# of the station", "", KEY);
        String frame = frame("dc09-cid", "--key-file", keys, "--json")
                .json()
                .get("frame")
                .asString();
        assertThat(frame).contains("\"*ADM-CID\"");
        assertThat(read("dc09-cid", frame, "--key-file", keys).code()).isZero();
        Called without = read("dc09-cid", frame);
        assertThat(without.code()).isEqualTo(1);
        assertThat(without.out()).contains("its key is needed");
        assertThat(read("dc09-cid", frame, "--key-file", keys("", "F12")).err())
                .contains("line 2", "has 3 digits")
                .doesNotContain("F12");
    }

    /// An argument would stand in the list of processes and in the history of the shell.
    @Test
    void aKeyIsNoArgument() throws Exception {
        for (String verb : List.of("frame", "read", "send", "station")) {
            assertThat(Called.of(verb, "--help").out())
                    .contains("--key-file=FILE")
                    .doesNotContain("HEX");
            assertThat(Called.of(verb, "--key", KEY).code()).isEqualTo(2);
        }
    }

    private String keys(String... lines) throws IOException {
        return Files.write(folder.resolve("keys.txt"), List.of(lines)).toString();
    }

    @Test
    void aPathTestHasNoEvent() throws Exception {
        Called test = Called.of("frame", "--format", "dc09-null", "--account", "7316", "--json");
        assertThat(read("dc09-null", test.json().get("frame").asString()).out()).contains("path test");
        assertThat(frame("dc09-null").err()).contains("carries no event");
    }

    @Test
    void aCallIsWrittenAsSoundAndHeardAgain() {
        Path wav = folder.resolve("call.wav");
        Called written = frame("contact-id", "--wav", wav, "--handshake", 1400, "--dial", "0,5550142", "--noise", 25);
        assertThat(written.code()).isZero();
        JsonNode read =
                Called.of("read", "--format", "contact-id", wav, "--json").json();
        assertThat(read.get("printed").get(0).asString()).isEqualTo("7316  130  burglary  area 02 zone 007");
        assertThat(read.get("digits").size()).isEqualTo(16);
        assertThat(read.get("tones").size()).isEqualTo(3);
        assertThat(read.get("problems").size()).isZero();
    }

    @Test
    void aReceiverOfAJobPrintsInItsOwnWords() throws Exception {
        Path job = folder.resolve("j.answerback.json");
        assertThat(Called.of("new", job, "--demo", 1).code()).isZero();
        Called read = read("pulse-3+1x", "042B 042B BBB7 BBB7", "--receiver", job + ":B");
        assertThat(read.out().strip()).isEqualTo("042  ALARM B  zone 07");
        assertThat(read("pulse-3+1x", "042B 042B", "--receiver", job + ":Z").err())
                .contains("there is no receiver \"Z\"", "A1, A2, B");
        assertThat(Called.of("send", job, "--point", "07", "--receiver", "B").err())
                .contains("over a line");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "frame --format smoke --account 7316 --event 130 | there are dc09-cid",
                "frame --format dc09-cid --account 7316 --event 999 | in no table",
                "frame --format dc09-cid --account 73G6 --event 130 | 3 to 16 of 0-9 and A-F",
                "frame --format dc09-cid --account 7316 --event 130 --line= | line number is \"\"",
                "frame --format contact-id --account 7316 --event 130 --seq 4 | carries no sequence",
                "frame --format contact-id --account 7316 --event 130 --noise 20 | sound is written with --wav",
                "frame --format pulse-4+2 --account 7316 --event 130 --zone 16 | has no single digit",
                "frame --format pulse-4+2 --account 7316 --event 130 --rate 15 | must be 10, 20 or 40",
                "frame --format pulse-4+1 --account 7316 --event 130 --qualifier 3 | no digit for its restore",
                "read --format contact-id /no/such/file | is not a file",
                "read --format contact-id /no/such.wav | is not a file",
                "station --port 0 --misbehave badly | there are none, silent",
                "station --port 0 --misbehave drop=1 | 2 or more",
                "station --port 0 --misbehave nak=3 | takes no number",
                "station --port 0 --supervise -1 | from 0 to 864000",
                "station --port 0 --key-file /no/such/keys | cannot be read: /no/such/keys"
            })
    void aWrongCallIsRefusedInOneLine(String call, String says) {
        Called refused = Called.of((Object[]) call.split(" "));
        assertThat(refused.code()).isEqualTo(2);
        assertThat(refused.err()).contains(says).hasLineCount(1);
    }
}
