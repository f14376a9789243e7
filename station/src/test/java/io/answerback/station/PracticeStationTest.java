package io.answerback.station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.event.Qualifier;
import io.answerback.core.event.Signal;
import io.answerback.core.format.Answer;
import io.answerback.core.format.IpFrame;
import io.answerback.core.format.IpFrames;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.SocketException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class PracticeStationTest {
    private static final Instant NOW = Instant.parse("2026-05-12T09:41:07Z");
    private static final InstantSource CLOCK = InstantSource.fixed(NOW);
    private static final Signal SIGNAL = new Signal("7316", Qualifier.NEW, "130", 2, 15);

    private final BlockingQueue<Received> log = new LinkedBlockingQueue<>();
    private PracticeStation station;

    @BeforeEach
    void start() throws IOException {
        station = listen(StationRules.standard(Frames.SIGNALS));
    }

    private PracticeStation listen(StationRules rules) throws IOException {
        return PracticeStation.listen(InetAddress.getLoopbackAddress(), 0, rules, CLOCK, log::add);
    }

    private void restart(StationRules rules) throws IOException {
        station.close();
        station = listen(rules);
    }

    @AfterEach
    void stop() {
        station.close();
    }

    private static IpFrame frame(int sequence) {
        return IpFrame.of(SIGNAL, sequence, "1", "0", NOW);
    }

    private Delivery send(IpFrame frame, int attempts, Duration timeout) {
        return new Transmitter(attempts, timeout, CLOCK)
                .send(station.address().getHostString(), station.address().getPort(), frame);
    }

    private Delivery send(IpFrame frame) {
        return send(frame, 1, Duration.ofSeconds(10));
    }

    private Received next() throws InterruptedException {
        return Optional.ofNullable(log.poll(10, TimeUnit.SECONDS)).orElseThrow();
    }

    @Test
    void aGoodFrameIsAcknowledgedAndListed() throws Exception {
        assertThat(send(frame(1)).acknowledged()).isTrue();
        assertThat(next()).satisfies(received -> {
            assertThat(received.signal()).contains(SIGNAL);
            assertThat(received.answer()).contains(Answer.ACK);
            assertThat(received.problems()).isEmpty();
        });
    }

    @Test
    void aChangedByteIsRefusedWithTheReason() throws Exception {
        String wrong = IpFrames.encode(frame(1)).replace("1130", "1131");
        assertThat(exchange(wrong)).contains("\"NAK\"0000R0L0A0[]_09:41:07,05-12-2026");
        assertThat(next().problems()).singleElement().asString().matches("check says .{4}; the bytes give .{4}");
    }

    @Test
    void badFramesAreDroppedWhenTheRulesSaySo() throws Exception {
        restart(StationRules.standard(Frames.SIGNALS).answeringBadFrames(false));
        assertThat(exchange("\nrubbish\r")).isEmpty();
        assertThat(next().answer()).isEmpty();
    }

    @Test
    void aResendIsAnsweredAgainAndListedOnce() throws Exception {
        assertThat(send(frame(7)).acknowledged()).isTrue();
        assertThat(send(frame(7)).acknowledged()).isTrue();
        assertThat(send(frame(8)).acknowledged()).isTrue();
        assertThat(next().text()).contains("0007R1");
        assertThat(next().text()).contains("0008R1");
        assertThat(log).isEmpty();
    }

    @Test
    void aClockTooFarOffIsRefusedByHowMuch() throws Exception {
        assertThat(send(IpFrame.of(SIGNAL, 1, "1", "0", NOW.minusSeconds(41))).answer())
                .contains(Answer.NAK);
        assertThat(next().problems()).singleElement().asString().startsWith("its clock is 41 s behind");
        assertThat(send(IpFrame.of(SIGNAL, 1, "1", "0", NOW.plusSeconds(21))).answer())
                .contains(Answer.NAK);
        assertThat(next().problems()).singleElement().asString().startsWith("its clock is 21 s ahead");
        assertThat(send(IpFrame.of(SIGNAL, 2, "1", "0", NOW.minusSeconds(40))).acknowledged())
                .isTrue();
        assertThat(send(IpFrame.of(SIGNAL, 3, "1", "0", NOW.plusSeconds(20))).acknowledged())
                .isTrue();
    }

    @Test
    void whatIsNotServedIsAnsweredDuhAndAPathTestIsAcknowledged() throws Exception {
        IpFrame unknown = new IpFrame("SIA-PUL", 5, "1", "0", "7316", "#7316|7316 30", Optional.of(NOW));
        assertThat(send(unknown).answer()).contains(Answer.DUH);
        assertThat(next().problems()).singleElement().asString().contains("SIA-PUL are not served");
        IpFrame poll = new IpFrame(IpFrame.NULL, 6, "1", "0", "7316", "", Optional.of(NOW));
        assertThat(send(poll).acknowledged()).isTrue();
    }

    @Test
    void theOperatorsListIsHeldAgainstWhatArrives() throws Exception {
        restart(StationRules.standard(Frames.SIGNALS).withList(signal -> List.of("zone 015 is not on the list")));
        assertThat(send(frame(1)).acknowledged()).isTrue();
        assertThat(next().problems()).containsExactly("zone 015 is not on the list");
    }

    @Test
    void tenThousandRandomByteStringsDoNotEndIt() throws Exception {
        Random random = new Random(42);
        for (int connection = 0; connection < 100; connection++) {
            try (Socket socket = new Socket(
                    InetAddress.getLoopbackAddress(), station.address().getPort())) {
                for (int i = 0; i < 100; i++) {
                    byte[] rubbish = new byte[random.nextInt(60)];
                    random.nextBytes(rubbish);
                    socket.getOutputStream().write(rubbish);
                }
            } catch (SocketException closedOnUs) {
                assertThat(closedOnUs).isNotNull();
            }
        }
        assertThat(send(frame(1)).acknowledged()).isTrue();
    }

    @Test
    void aFrameWithoutEndClosesItsConnectionOnly() throws Exception {
        try (Socket socket =
                new Socket(InetAddress.getLoopbackAddress(), station.address().getPort())) {
            socket.setSoTimeout(10_000);
            socket.getOutputStream().write(new byte[4106]);
            assertThat(socket.getInputStream().read()).isEqualTo(-1);
        }
        assertThat(next().problems()).singleElement().asString().startsWith("more than 4106 bytes without an end");
        assertThat(send(frame(1)).acknowledged()).isTrue();
    }

    private static StationRules.Limits limits(int connections, int ofOneCaller, int untold) {
        return new StationRules.Limits(
                connections,
                ofOneCaller,
                4106,
                Duration.ofSeconds(5),
                Duration.ofSeconds(20),
                Duration.ofSeconds(2),
                untold);
    }

    @Test
    void forANewCallerTheLongestIdleConnectionIsClosedAndTheReasonIsLogged() throws Exception {
        restart(StationRules.standard(Frames.SIGNALS).within(limits(1, 1, 100)));
        try (Socket first =
                new Socket(InetAddress.getLoopbackAddress(), station.address().getPort())) {
            first.setSoTimeout(10_000);
            first.getOutputStream().write(IpFrames.encode(frame(1)).getBytes(StandardCharsets.ISO_8859_1));
            assertThat(first.getInputStream().read()).isEqualTo('\n');
            next();
            assertThat(send(frame(2)).acknowledged()).isTrue();
            while (first.getInputStream().available() > 0) {
                first.getInputStream().read();
            }
            assertThat(readOrReset(first)).isEqualTo(-1);
        }
        assertThat(List.of(next(), next())).extracting(Received::what).containsExactlyInAnyOrder("closed", "ADM-CID");
    }

    @Test
    void aLogThatStandsStillDelaysNoAnswerAndSaysHowManyLinesItLost() throws Exception {
        station.close();
        CountDownLatch reading = new CountDownLatch(1);
        station = PracticeStation.listen(
                InetAddress.getLoopbackAddress(),
                0,
                StationRules.standard(Frames.SIGNALS).within(limits(64, 64, 10)),
                CLOCK,
                received -> {
                    try {
                        reading.await();
                    } catch (InterruptedException closing) {
                        Thread.currentThread().interrupt();
                    }
                    log.add(received);
                });
        for (int sequence = 1; sequence <= 400; sequence++) {
            assertThat(send(frame(sequence)).acknowledged()).isTrue();
        }
        reading.countDown();
        List<String> problems = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            problems.addAll(next().problems());
        }
        assertThat(problems).anyMatch(problem -> problem.matches("(388|389|390) lines were lost.*"));
    }

    @Test
    void aTornFrameCostsItselfOnly() throws Exception {
        String torn = IpFrames.encode(frame(1)).substring(0, 30);
        assertThat(exchange(torn + IpFrames.encode(frame(2)))).contains("\"NAK\"0000", "\"ACK\"0002");
        assertThat(next().what()).isEqualTo("not a frame");
        assertThat(next().signal()).contains(SIGNAL);
    }

    @Test
    void theSameSequenceAndDataAtAnotherTimeAreAnotherEvent() throws Exception {
        assertThat(send(IpFrame.of(SIGNAL, 7, "1", "0", NOW)).acknowledged()).isTrue();
        assertThat(send(IpFrame.of(SIGNAL, 7, "1", "0", NOW.plusSeconds(3))).acknowledged())
                .isTrue();
        assertThat(next().text()).contains("09:41:07");
        assertThat(next().text()).contains("09:41:10");
    }

    /// Each signal comes on a connection, and so on a thread, of its own.
    @Test
    void signalsAreListedInTheOrderInWhichTheyWereAnswered() throws Exception {
        List<Integer> listed = new ArrayList<>();
        for (int sequence = 1; sequence <= 300; sequence++) {
            assertThat(send(frame(sequence)).acknowledged()).isTrue();
        }
        for (int i = 0; i < 300; i++) {
            listed.add(Integer.valueOf(next().text().replaceAll("(?s).*\"ADM-CID\"(\\d{4}).*", "$1")));
        }
        assertThat(listed).isSorted().hasSize(300);
    }

    /// Idle, trickling and never-reading callers hold more connections than there are places for.
    @Test
    void callersWhoDoNothingKeepNobodyOut() throws Exception {
        List<Socket> idle = new ArrayList<>();
        try {
            for (int i = 0; i < 300; i++) {
                Socket socket = new Socket(
                        InetAddress.getLoopbackAddress(), station.address().getPort());
                socket.getOutputStream().write(i % 2 == 0 ? new byte[0] : new byte[] {'\n', '1'});
                idle.add(socket);
            }
            assertThat(send(frame(1)).acknowledged()).isTrue();
        } finally {
            for (Socket socket : idle) {
                socket.close();
            }
        }
    }

    @Test
    void anAnswerToAnotherFrameIsPassedOverWhileTheRightOneMayCome() throws Exception {
        IpFrame sent = frame(5);
        String others = IpFrames.encode(Answer.ACK.frame(frame(4), NOW));
        String right = IpFrames.encode(Answer.ACK.frame(sent, NOW));
        try (ServerSocket server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            Thread answering = Thread.ofVirtual().start(() -> {
                try (Socket caller = server.accept()) {
                    caller.getInputStream().read();
                    caller.getOutputStream().write((others + right).getBytes(StandardCharsets.ISO_8859_1));
                } catch (IOException gone) {
                    throw new java.io.UncheckedIOException(gone);
                }
            });
            Delivery delivery = new Transmitter(1, Duration.ofSeconds(10), CLOCK)
                    .send(InetAddress.getLoopbackAddress().getHostAddress(), server.getLocalPort(), sent);
            answering.join();
            assertThat(delivery.acknowledged()).isTrue();
        }
    }

    @Test
    void aRefusalShowsTheStationsTimeAndIsTriedAgain() throws Exception {
        Delivery delivery = send(IpFrame.of(SIGNAL, 1, "1", "0", NOW.minusSeconds(90)), 3, Duration.ofSeconds(10));
        assertThat(delivery.answer()).contains(Answer.NAK);
        assertThat(delivery.attempts()).isEqualTo(3);
        assertThat(delivery.problem()).contains("gives its own time as 2026-05-12T09:41:07Z");
    }

    private static int readOrReset(Socket socket) throws IOException {
        try {
            return socket.getInputStream().read();
        } catch (SocketException reset) {
            return -1;
        }
    }

    @Test
    void aSilentStationIsTriedAgainWithTheSameFrameAndListsItOnce() throws Exception {
        restart(StationRules.standard(Frames.SIGNALS).misbehaving(Misbehaviour.SILENT));
        Delivery delivery = send(frame(3), 3, Duration.ofMillis(60));
        assertThat(delivery.answer()).isEmpty();
        assertThat(delivery.attempts()).isEqualTo(3);
        assertThat(delivery.problem()).isEqualTo("no answer in time");
        assertThat(next().text()).contains("0003R1");
        assertThat(log).isEmpty();
    }

    @Test
    void aStationThatDropsEverySecondFrameIsAnsweredAtTheSecondTry() throws Exception {
        restart(StationRules.standard(Frames.SIGNALS).dropping(2));
        assertThat(send(frame(2), 3, Duration.ofSeconds(10)).attempts()).isEqualTo(1);
        Delivery delivery = send(frame(3), 3, Duration.ofMillis(500));
        assertThat(delivery.acknowledged()).isTrue();
        assertThat(delivery.attempts()).isEqualTo(2);
    }

    @Test
    void misbehavingAnswersAreGivenInsteadOfTheRightOne() throws Exception {
        restart(StationRules.standard(Frames.SIGNALS).misbehaving(Misbehaviour.DUH));
        assertThat(send(frame(1)).answer()).contains(Answer.DUH);
        restart(StationRules.standard(Frames.SIGNALS).misbehaving(Misbehaviour.NAK));
        assertThat(send(frame(1)).answer()).contains(Answer.NAK);
    }

    @Test
    void nobodyListeningAndUnknownHostsAreExplained() throws Exception {
        int port = station.address().getPort();
        station.close();
        Transmitter transmitter = new Transmitter(2, Duration.ofSeconds(2), CLOCK);
        assertThat(transmitter.send("127.0.0.1", port, frame(1)).problem())
                .startsWith("nobody listens at 127.0.0.1 port");
        assertThat(transmitter.send("no-such-host.invalid", 9, frame(1)).problem())
                .contains("no host called no-such-host.invalid");
    }

    @Test
    void aTakenPortIsExplained() {
        assertThatThrownBy(() -> PracticeStation.listen(
                        InetAddress.getLoopbackAddress(),
                        station.address().getPort(),
                        StationRules.standard(Frames.SIGNALS),
                        CLOCK,
                        log::add))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("Choose another port");
    }

    @Test
    void theLogLineHasEveryKey() throws Exception {
        send(frame(1));
        assertThat(ReceivedJson.line(next()).replaceAll(":\\d{2,5}\"", "\""))
                .isEqualTo(
                        "{\"at\":\"2026-05-12T09:41:07Z\",\"account\":\"7316\",\"event\":\"130\",\"qualifier\":\"1\","
                                + "\"area\":\"02\",\"zone\":\"015\",\"answer\":\"ACK\",\"problems\":[],\"what\":\"ADM-CID\","
                                + "\"encrypted\":false,\"by\":\"TCP\",\"from\":\"127.0.0.1\",\"text\":"
                                + "\""
                                + IpFrames.printable(IpFrames.encode(frame(1)))
                                        .replace("\\", "\\\\")
                                        .replace("\"", "\\\"")
                                + "\"}");
    }

    private String exchange(String text) throws IOException {
        try (Socket socket =
                new Socket(InetAddress.getLoopbackAddress(), station.address().getPort())) {
            socket.setSoTimeout(10_000);
            socket.getOutputStream().write(text.getBytes(StandardCharsets.ISO_8859_1));
            socket.shutdownOutput();
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.ISO_8859_1);
        }
    }
}
