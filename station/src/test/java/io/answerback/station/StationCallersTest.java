package io.answerback.station;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.signal.format.Answer;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpFrames;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.SocketException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.Test;

/// Callers who send rubbish, do nothing, or come in crowds; and a station that misbehaves on purpose.
class StationCallersTest extends StationAtWork {
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
}
