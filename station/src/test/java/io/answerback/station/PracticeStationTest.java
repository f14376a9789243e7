package io.answerback.station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.Answer;
import io.answerback.core.signal.format.Crc16;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpFrames;
import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class PracticeStationTest extends StationAtWork {
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

    /// It is answered, since the sender is tried here and not there; that the real one would refuse it is said.
    @Test
    void whatTheSitesOwnReceiverWouldRefuseIsAmongTheProblems() throws Exception {
        restart(StationRules.standard(Frames.SIGNALS)
                .withReceivers((frame, how) -> how.encrypted() ? List.of() : List.of("it came in the clear")));
        assertThat(send(frame(1)).acknowledged()).isTrue();
        Received received = next();
        assertThat(received.unlike()).containsExactly("it came in the clear");
        assertThat(received.problems()).containsExactly("it came in the clear");
    }

    @Test
    void aTornFrameCostsItselfOnly() throws Exception {
        String torn = IpFrames.encode(frame(1)).substring(0, 30);
        assertThat(exchange(torn + IpFrames.encode(frame(2)))).contains("\"NAK\"0000", "\"ACK\"0002");
        assertThat(next().what()).isEqualTo("not a frame");
        assertThat(next().signal()).contains(SIGNAL);
    }

    /// A sender may stamp each try anew.
    @Test
    void aResendWithALaterTimeIsTheSameSignal() throws Exception {
        assertThat(send(IpFrame.of(SIGNAL, 7, "1", "0", NOW)).acknowledged()).isTrue();
        assertThat(send(IpFrame.of(SIGNAL, 7, "1", "0", NOW.plusSeconds(3))).acknowledged())
                .isTrue();
        assertThat(send(frame(8)).acknowledged()).isTrue();
        assertThat(next().text()).contains("0007");
        assertThat(next().text()).contains("0008");
    }

    @Test
    void severalEventsInOneFrameAreListedEach() throws Exception {
        IpFrame block = new IpFrame(
                IpFrame.LETTERS,
                9,
                "1",
                "0",
                "7316",
                "#7316|Nti10:22/ri02/pi010/BA015/da05-12-26/BR016",
                Optional.of(NOW));
        assertThat(send(block).acknowledged()).isTrue();
        assertThat(next().signal()).contains(new Signal("7316", Qualifier.NEW, "130", 2, 15));
        assertThat(next().signal()).contains(new Signal("7316", Qualifier.RESTORE, "130", 2, 16));
    }

    @Test
    void anIdWithDigitsIsUnderstoodAndNotServed() throws Exception {
        IpFrame unknown = new IpFrame("ABC-S8", 5, "1", "0", "7316", "#7316|1", Optional.of(NOW));
        assertThat(send(unknown).answer()).contains(Answer.DUH);
    }

    @Test
    void aFrameWithoutAnAccountIsAnsweredAsItCame() throws Exception {
        assertThat(exchange(enveloped("\"NULL\"0001L0A0[]"))).contains("\"ACK\"0001L0A0[]");
        IpFrame read = IpFrames.decode(enveloped("\"NULL\"0001L0A0[]"));
        assertThat(read.line()).isEqualTo("0");
        assertThat(read.account()).isEmpty();
    }

    private static String enveloped(String body) {
        return "\n%04X0%03X%s\r".formatted(Crc16.of(body), body.length(), body);
    }

    @Test
    void repeatsWithNewSequencesAreNamed() throws Exception {
        for (int sequence = 1; sequence <= 6; sequence++) {
            assertThat(send(frame(sequence)).acknowledged()).isTrue();
        }
        for (int sequence = 1; sequence <= 5; sequence++) {
            assertThat(next().problems()).isEmpty();
        }
        assertThat(next().problems()).singleElement().asString().contains("came 6 times within a minute");
    }

    @Test
    void aSenderSetsItsClockByTheStationsTime() throws Exception {
        Destination to = Destination.of("127.0.0.1", station.address().getPort());
        Delivery delivery = new Transmitter(2, Duration.ofSeconds(10), CLOCK)
                .sendByTheirClock(to, IpFrame.of(SIGNAL, 1, "1", "0", NOW.minusSeconds(90)));
        assertThat(delivery.acknowledged()).isTrue();
        assertThat(delivery.attempts()).isEqualTo(2);
    }

    @Test
    void anAnswerToAnotherFrameIsSaidToBeThat() throws Exception {
        restart(StationRules.standard(Frames.SIGNALS).misbehaving(Misbehaviour.WRONG_SEQUENCE));
        Delivery delivery = send(frame(3), 1, Duration.ofSeconds(1));
        assertThat(delivery.acknowledged()).isFalse();
        assertThat(delivery.problem()).contains("it answers sequence").contains("this one is 0003");
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

    @Test
    void aRefusalShowsTheStationsTimeAndIsTriedAgain() throws Exception {
        Delivery delivery = send(IpFrame.of(SIGNAL, 1, "1", "0", NOW.minusSeconds(90)), 3, Duration.ofSeconds(10));
        assertThat(delivery.answer()).contains(Answer.NAK);
        assertThat(delivery.attempts()).isEqualTo(3);
        assertThat(delivery.problem()).contains("gives its own time as 2026-05-12T09:41:07Z");
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
