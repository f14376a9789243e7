package io.answerback.station;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.receiver.Transport;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.Answer;
import io.answerback.core.signal.format.EncryptionKey;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpFrames;
import java.io.IOException;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// UDP as well as TCP, encrypted as well as in the clear, and every way to misbehave, over real sockets.
class StationWaysTest {
    private static final Instant NOW = Instant.parse("2026-05-12T09:41:07Z");
    private static final EncryptionKey KEY = EncryptionKey.of("00112233445566778899AABBCCDDEEFF");
    private static final EncryptionKey SPARE = EncryptionKey.of("0A".repeat(24));
    private static final EncryptionKey OTHER = EncryptionKey.of("FF112233445566778899AABBCCDDEE00".repeat(2));

    private final BlockingQueue<Received> log = new LinkedBlockingQueue<>();
    private PracticeStation station;

    @BeforeEach
    void start() throws IOException {
        open(rules());
    }

    private static StationRules rules() {
        return StationRules.standard(Frames.SIGNALS)
                .takingDatagrams(true)
                .withKeys(account -> account.equals("7316") ? List.of(SPARE, KEY) : List.of());
    }

    private void open(StationRules rules) throws IOException {
        if (station != null) {
            station.close();
        }
        station =
                PracticeStation.listen(InetAddress.getLoopbackAddress(), 0, rules, InstantSource.fixed(NOW), log::add);
    }

    @AfterEach
    void stop() {
        station.close();
    }

    private Delivery send(Transport transport, Optional<EncryptionKey> key, IpFrame frame, Duration timeout) {
        Destination to = new Destination(
                station.address().getHostString(), station.address().getPort(), transport, key);
        return new Transmitter(1, timeout, InstantSource.fixed(NOW)).send(to, frame);
    }

    private Delivery send(Transport transport, Optional<EncryptionKey> key, IpFrame frame) {
        return send(transport, key, frame, Duration.ofSeconds(10));
    }

    private static IpFrame frame(String account, int sequence) {
        return Frames.burglary(account, sequence, 7, NOW);
    }

    private Received next() throws InterruptedException {
        return Optional.ofNullable(log.poll(10, TimeUnit.SECONDS)).orElseThrow();
    }

    @ParameterizedTest
    @EnumSource(Transport.class)
    void bothWaysAreAnsweredInTheClearAndEncrypted(Transport transport) throws Exception {
        assertThat(send(transport, Optional.empty(), frame("7316", 1)).acknowledged())
                .isTrue();
        assertThat(next().encrypted()).isFalse();
        assertThat(send(transport, Optional.of(KEY), frame("7316", 2)).acknowledged())
                .isTrue();
        Received secret = next();
        assertThat(secret.encrypted()).isTrue();
        assertThat(secret.signal().map(Signal::zone)).contains(7);
        assertThat(secret.exchange().orElseThrow().transport()).isEqualTo(transport);
        assertThat(secret.exchange().orElseThrow().reply()).contains("\"*ACK\"0002");
    }

    @ParameterizedTest
    @EnumSource(Transport.class)
    void whatCannotBeDecryptedIsListedAndNotAnswered(Transport transport) throws Exception {
        Delivery wrong = send(transport, Optional.of(OTHER), frame("7316", 3), Duration.ofMillis(300));
        assertThat(wrong.answer()).isEmpty();
        assertThat(next().problems()).containsExactly("the frame cannot be decrypted with this key");
        assertThat(send(transport, Optional.of(KEY), frame("1234", 3), Duration.ofMillis(300))
                        .answer())
                .isEmpty();
        assertThat(next().problems().getFirst()).contains("no key for its account");
    }

    @Test
    void aResentDatagramIsAnsweredAgainAndListedOnce() throws Exception {
        assertThat(send(Transport.UDP, Optional.empty(), frame("7316", 4)).acknowledged())
                .isTrue();
        assertThat(send(Transport.UDP, Optional.empty(), frame("7316", 4)).acknowledged())
                .isTrue();
        assertThat(next().text()).contains("0004R1");
        assertThat(log).isEmpty();
    }

    @Test
    void aRefusalIsNeverEncrypted() throws Exception {
        IpFrame late = frame("7316", 5).at(NOW.minusSeconds(90));
        Delivery refused = send(Transport.TCP, Optional.of(KEY), late);
        assertThat(refused.answer()).contains(Answer.NAK);
        assertThat(next().exchange().orElseThrow().reply()).contains("\"NAK\"0000R0L0A0[]_09:41:07");
    }

    @Test
    void aDatagramThatIsTooLongIsRefusedAndTheStationGoesOn() throws Exception {
        try (DatagramSocket socket = new DatagramSocket()) {
            byte[] bytes = "x".repeat(6000).getBytes(StandardCharsets.ISO_8859_1);
            socket.send(new DatagramPacket(bytes, bytes.length, station.address()));
        }
        assertThat(next().problems().getFirst()).contains("more than 4106 bytes");
        assertThat(send(Transport.UDP, Optional.empty(), frame("7316", 6)).acknowledged())
                .isTrue();
    }

    /// One caller that sends slow work without end takes its share of places and no more.
    @Test
    void datagramsBeyondTheirShareAreRefusedWithTheReason() throws Exception {
        StationRules.Limits few = new StationRules.Limits(
                4, 2, 4106, Duration.ofSeconds(5), Duration.ofSeconds(5), Duration.ofSeconds(5), 100);
        open(rules().misbehaving(Misbehaviour.SLOW).within(few));
        try (DatagramSocket socket = new DatagramSocket()) {
            for (int i = 1; i <= 12; i++) {
                byte[] bytes = IpFrames.encode(frame("7316", i)).getBytes(StandardCharsets.ISO_8859_1);
                socket.send(new DatagramPacket(bytes, bytes.length, station.address()));
            }
            Received line = next();
            while (!line.what().equals("refused")) {
                line = next();
            }
            assertThat(line.problems().getFirst())
                    .contains("2 at once and 1000 a second are the most of one address, and 4 at once of all");
        }
    }

    private String raw(IpFrame frame) throws IOException {
        try (Socket socket =
                new Socket(station.address().getAddress(), station.address().getPort())) {
            socket.getOutputStream().write(IpFrames.encode(frame).getBytes(StandardCharsets.ISO_8859_1));
            socket.shutdownOutput();
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.ISO_8859_1);
        }
    }

    @Test
    void everyWayToMisbehaveIsWhatItSays() throws Exception {
        String right = raw(frame("7316", 7));
        assertThat(right).contains("\"ACK\"0007");
        open(rules().misbehaving(Misbehaviour.TWICE));
        assertThat(raw(frame("7316", 7))).isEqualTo(right + right);
        open(rules().misbehaving(Misbehaviour.HALF));
        assertThat(raw(frame("7316", 7))).isEqualTo(right.substring(0, right.length() / 2));
        open(rules().misbehaving(Misbehaviour.CLOSE));
        assertThat(raw(frame("7316", 7))).isEmpty();
        open(rules().misbehaving(Misbehaviour.WRONG_SEQUENCE));
        assertThat(raw(frame("7316", 7))).contains("\"ACK\"0008");
        open(rules().misbehaving(Misbehaviour.WRONG_TIME));
        assertThat(raw(frame("7316", 7))).contains("\"NAK\"0000").contains("_10:41:07");
        open(rules().misbehaving(Misbehaviour.SILENT));
        assertThat(raw(frame("7316", 7))).isEmpty();
    }

    @Test
    void anAccountThatIsSilentForTooLongIsListedOnceAndItsReturnToo() {
        Supervision supervision = new Supervision(Duration.ofSeconds(90));
        supervision.heard("7316", NOW);
        assertThat(supervision.changes(NOW.plusSeconds(90))).isEmpty();
        assertThat(supervision.changes(NOW.plusSeconds(91)))
                .containsExactly("account 7316 has been silent for more than 90 s");
        assertThat(supervision.changes(NOW.plusSeconds(200))).isEmpty();
        supervision.heard("7316", NOW.plusSeconds(210));
        assertThat(supervision.changes(NOW.plusSeconds(211)))
                .containsExactly("account 7316 is heard again after 3 min");
    }

    @Test
    void anEndWithoutItsBeginningIsAProblem() {
        SiteList list = new SiteList(signal -> List.of(), Frames.EVENTS);
        Signal alarm = new Signal("7316", Qualifier.NEW, "130", 1, 7);
        Signal restore = new Signal("7316", Qualifier.RESTORE, "130", 1, 7);
        assertThat(list.apply(restore).getFirst()).startsWith("restore without alarm");
        assertThat(list.apply(alarm)).isEmpty();
        assertThat(list.apply(restore)).isEmpty();
        assertThat(list.apply(restore)).hasSize(1);
    }
}
