package io.answerback.station;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.receiver.Transport;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.Answer;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpFrames;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/// What a frame is worth, decided without a socket or a clock.
class JudgeTest {
    private static final Instant NOW = Instant.parse("2026-05-12T09:41:07Z");

    private final Judge judge = new Judge(StationRules.standard(Frames.SIGNALS));

    private static String frame(String account, int sequence, int zone, Instant at) {
        Signal signal = new Signal(account, Qualifier.NEW, "130", 1, zone);
        return IpFrames.encode(IpFrame.of(signal, sequence, "1", "0", at));
    }

    private static Judge.Came came(String text, Instant now) {
        return new Judge.Came(text, Transport.TCP, "192.0.2.1", now);
    }

    private boolean listed(String text, Instant now) {
        return !judge.judge(came(text, now)).duplicate();
    }

    @Test
    void theSameSequenceWithAnotherEventIsNoDuplicate() {
        assertThat(listed(frame("7316", 5, 1, NOW), NOW)).isTrue();
        assertThat(listed(frame("7316", 5, 2, NOW), NOW)).isTrue();
        assertThat(listed(frame("7317", 5, 1, NOW), NOW)).isTrue();
        assertThat(listed(frame("7316", 5, 1, NOW), NOW)).isFalse();
    }

    @Test
    void aResendIsTheSameFrameWhateverItsTimeStamp() {
        Instant later = NOW.plusSeconds(8);
        assertThat(listed(frame("7316", 5, 1, NOW), NOW)).isTrue();
        assertThat(listed(frame("7316", 5, 1, NOW), later)).isFalse();
        assertThat(listed(frame("7316", 5, 1, later), later)).isFalse();
        assertThat(listed(frame("7316", 5, 2, later), later)).isTrue();
    }

    /// Four thousand frames and more are what the station remembers.
    @Test
    void aFloodFromOneAddressDoesNotMakeItForgetAnother() {
        assertThat(listed(frame("7316", 5, 1, NOW), NOW)).isTrue();
        for (int i = 0; i < 9000; i++) {
            String other = frame("0%03X".formatted(i / 999 + 1), i % 9999 + 1, i % 999, NOW);
            judge.judge(new Judge.Came(other, Transport.TCP, "192.0.2.66", NOW));
        }
        assertThat(listed(frame("7316", 5, 1, NOW), NOW)).isFalse();
    }

    @Test
    void afterFiveMinutesTheSameNumberIsANewFrame() {
        Instant later = NOW.plus(Duration.ofMinutes(5)).plusSeconds(1);
        assertThat(listed(frame("7316", 5, 1, NOW), NOW)).isTrue();
        assertThat(listed(frame("7316", 5, 1, later), later)).isTrue();
    }

    @Test
    void aRefusedFrameIsNotRememberedAsSeen() {
        Instant early = NOW.minusSeconds(60);
        assertThat(judge.judge(came(frame("7316", 5, 1, early), NOW)).received().answer())
                .contains(Answer.NAK);
        assertThat(listed(frame("7316", 5, 1, NOW), NOW)).isTrue();
    }

    @Test
    void aFrameWithoutATimeIsTaken() {
        IpFrame frame = new IpFrame(IpFrame.CONTACT_ID, 3, "", "0", "7316", "#7316|1130 01 007", Optional.empty());
        assertThat(judge.judge(came(IpFrames.encode(frame), NOW)).received().answer())
                .contains(Answer.ACK);
    }

    @Test
    void whatIsListedFitsALineAndIsBounded() {
        Received received = judge.judge(came("\n\u0000\u00ff" + "x".repeat(5000) + "\r", NOW))
                .received();
        assertThat(received.text())
                .startsWith("\\n\\x00\\xFF")
                .hasSizeLessThan(400)
                .doesNotContain("\n");
    }

    @Test
    void theAnswerGivesBackWhatTheFrameCarried() {
        String reply = judge.judge(came(frame("7316", 42, 1, NOW), NOW))
                .reply(NOW, new Random(1))
                .orElseThrow();
        assertThat(reply).contains("\"ACK\"0042R1L0#7316[]").startsWith("\n").endsWith("\r");
    }
}
