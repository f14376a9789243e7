package io.answerback.command;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.receiver.Transport;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.EncryptionKey;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.station.Delivery;
import io.answerback.station.Destination;
import io.answerback.station.Transmitter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/// The practice station without a window, asked over real sockets.
class StationVerbTest {
    private static final InstantSource CLOCK = InstantSource.system();
    private static final String KEY = "00112233445566778899AABBCCDDEEFF";

    @TempDir
    Path folder;

    private int sequence;

    private Delivery send(RunningStation station, Signal signal, Transport transport, String key) {
        return send(station, signal, transport, key, Duration.ofSeconds(5));
    }

    private Delivery send(RunningStation station, Signal signal, Transport transport, String key, Duration wait) {
        Optional<EncryptionKey> with = Optional.ofNullable(key).map(EncryptionKey::of);
        IpFrame frame = IpFrame.of(signal, ++sequence, "1", "0", CLOCK.instant());
        return new Transmitter(1, wait, CLOCK)
                .send(new Destination("127.0.0.1", station.port(), transport, with), frame);
    }

    private Delivery send(RunningStation station, String account, String event, int area, int zone) {
        return send(station, new Signal(account, Qualifier.NEW, event, area, zone), Transport.TCP, null);
    }

    /// Whether a frame gets no answer that a communicator would take.
    private boolean lost(RunningStation station, Signal signal, String key) {
        return !send(station, signal, Transport.TCP, key, Duration.ofMillis(300))
                .acknowledged();
    }

    private static Signal burglary(int zone) {
        return new Signal("7316", Qualifier.NEW, "130", 2, zone);
    }

    private Path demo() {
        Path job = folder.resolve("job.answerback.json");
        assertThat(Called.of("new", job, "--demo", "1").code()).isZero();
        return job;
    }

    @Test
    void aSignalIsAnsweredAndPrintedAsALine() throws Exception {
        try (RunningStation station = new RunningStation()) {
            assertThat(send(station, "7316", "130", 2, 7).acknowledged()).isTrue();
            JsonNode line = station.next();
            assertThat(line.get("account").asString()).isEqualTo("7316");
            assertThat(line.get("event").asString()).isEqualTo("130");
            assertThat(line.has("note"))
                    .as("without a job it is held against nothing")
                    .isFalse();
            assertThat(station.errors()).isEmpty();
        }
    }

    @Test
    void datagramsAreTakenWhereThatIsAsked() throws Exception {
        Signal signal = burglary(7);
        try (RunningStation station = new RunningStation("--udp")) {
            assertThat(send(station, signal, Transport.UDP, null).acknowledged())
                    .isTrue();
            assertThat(station.next().get("by").asString()).isEqualTo("UDP");
        }
    }

    @Test
    void everySecondFrameIsDropped() throws Exception {
        try (RunningStation station = new RunningStation("--misbehave", "drop")) {
            assertThat(send(station, "7316", "130", 2, 7).acknowledged()).isTrue();
            assertThat(lost(station, burglary(8), null)).isTrue();
            assertThat(send(station, "7316", "130", 2, 9).acknowledged()).isTrue();
        }
    }

    @Test
    void everyThirdFrameIsDroppedAndOthersAreRefused() throws Exception {
        try (RunningStation station = new RunningStation("--misbehave", "drop=3")) {
            assertThat(send(station, "7316", "130", 2, 7).acknowledged()).isTrue();
            assertThat(send(station, "7316", "130", 2, 8).acknowledged()).isTrue();
            assertThat(lost(station, burglary(9), null)).isTrue();
        }
        try (RunningStation station = new RunningStation("--misbehave", "NAK")) {
            assertThat(lost(station, burglary(7), null)).isTrue();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "drop=0, write a number",
        "drop=x, write a number",
        "drop=1234567, write a number",
        "silent=2, takes no number"
    })
    void aWrongWayToMisbehaveIsRefused(String how, String says) {
        Called refused = Called.of("station", "--port", "0", "--misbehave", how);
        assertThat(refused.code()).isEqualTo(2);
        assertThat(refused.err()).contains(says).hasLineCount(1);
    }

    private String keys(String line) throws IOException {
        return Files.writeString(folder.resolve("keys.txt"), line).toString();
    }

    /// A key of one account does not open frames of another.
    @Test
    void encryptedFramesAreOpenedWithTheKeyOfTheirAccount() throws Exception {
        Signal known = burglary(7);
        Signal unknown = new Signal("7317", Qualifier.NEW, "130", 2, 7);
        try (RunningStation station = new RunningStation("--key-file", keys("7316=" + KEY))) {
            assertThat(send(station, known, Transport.TCP, KEY).acknowledged()).isTrue();
            assertThat(station.next().get("account").asString()).isEqualTo("7316");
            assertThat(lost(station, unknown, KEY)).isTrue();
        }
        try (RunningStation station = new RunningStation("--key-file", keys(KEY))) {
            assertThat(send(station, unknown, Transport.TCP, KEY).acknowledged())
                    .isTrue();
        }
    }

    @Test
    void withAJobEachSignalIsALineOfItsPlan() throws Exception {
        try (RunningStation station = new RunningStation("--job", demo())) {
            assertThat(send(station, "7316", "130", 2, 15).acknowledged()).isTrue();
            JsonNode line = station.next();
            assertThat(line.get("line").asString()).isEqualTo("point:07");
            assertThat(line.get("note").asString()).isEqualTo("BEGUN");
            assertThat(line.get("problems").size()).isZero();
            assertThat(send(station, "9999", "130", 2, 15).acknowledged()).isTrue();
            JsonNode stranger = station.next();
            assertThat(stranger.get("line").isNull()).isTrue();
            assertThat(stranger.get("note").asString()).isNotEqualTo("BEGUN");
            assertThat(stranger.get("problems").get(0).asString()).contains("9999");
        }
    }

    /// The file begins with the mark of a packet capture and holds the frame and its answer.
    @Test
    void whatIsSaidOverTheLineIsCaptured() throws Exception {
        Path capture = folder.resolve("line.pcap");
        try (RunningStation station = new RunningStation("--capture", capture)) {
            send(station, "7316", "130", 2, 7);
            station.next();
        }
        byte[] bytes = Files.readAllBytes(capture);
        String text = new String(bytes, java.nio.charset.StandardCharsets.ISO_8859_1);
        assertThat(text).contains("\"ADM-CID\"", "#7316|1130 02 007", "\"ACK\"");
        assertThat(bytes.length).isGreaterThan(24);
    }

    @Test
    void aCaptureThatCannotBeWrittenIsRefusedAtOnce() throws IOException {
        Path noFolder = folder.resolve("none/line.pcap");
        Called refused = Called.of("station", "--port", "0", "--capture", noFolder);
        assertThat(refused.code()).isEqualTo(2);
        assertThat(refused.err()).contains("none");
    }

    @Test
    void aStationThatIsOpenToTheNetworkSaysSo() throws Exception {
        try (RunningStation station = new RunningStation("--bind", "0.0.0.0")) {
            assertThat(station.errors()).contains("open to the network at 0.0.0.0", "not for a site in service");
        }
    }

    @Test
    void aPortThatIsTakenIsSaid() throws Exception {
        try (RunningStation station = new RunningStation()) {
            Called second = Called.of("station", "--port", station.port());
            assertThat(second.code()).isEqualTo(2);
            assertThat(second.err()).contains(Integer.toString(station.port())).hasLineCount(1);
        }
    }
}
