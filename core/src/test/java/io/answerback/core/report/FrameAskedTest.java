package io.answerback.core.report;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.receiver.Carried;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.receiver.Transport;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.testing.SmallJob;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// Frames for one receiver of receiver number 1 and line 0 that takes encrypted ones, and one that takes plain
/// ones.
class FrameAskedTest {
    private static final Receiver PLAIN =
            Receiver.overIp(new ReceiverId("A"), "Station A", "192.0.2.10", 5005, "1", "0", Told.ALWAYS);
    private static final Receiver SECRET = new Receiver(
            PLAIN.id(),
            PLAIN.name(),
            PLAIN.host(),
            PLAIN.port(),
            "1",
            "0",
            PLAIN.reception().withKeyBits(128));

    private static IpFrame frame(String id, String receiver, String line) {
        return new IpFrame(id, 1, receiver, line, "7316", "#7316|1130 01 001", Optional.of(Instant.EPOCH));
    }

    private static List<String> unlike(Receiver receiver, IpFrame frame, boolean encrypted) {
        Job job = SmallJob.job().withReceivers(List.of(receiver));
        return new FrameAsked(job).unlike(frame, new Carried(Transport.TCP, encrypted));
    }

    @Test
    void whatTheReceiverTakesHasNothingAgainstIt() {
        assertThat(unlike(PLAIN, frame(IpFrame.CONTACT_ID, "1", "0"), false)).isEmpty();
        assertThat(unlike(SECRET, frame(IpFrame.CONTACT_ID, "1", "0"), true)).isEmpty();
        assertThat(unlike(PLAIN, frame(IpFrame.NULL, "1", "0"), false)).isEmpty();
    }

    @Test
    void aFrameInTheClearForAnAccountWithAKeyIsNamed() {
        assertThat(unlike(SECRET, frame(IpFrame.CONTACT_ID, "1", "0"), false))
                .containsExactly("it came in the clear; Station A takes encrypted frames only, with a key of 128 bits");
        assertThat(unlike(PLAIN, frame(IpFrame.CONTACT_ID, "1", "0"), true))
                .containsExactly("it came encrypted; Station A takes plain frames");
    }

    @Test
    void anotherTransportAndAMissingTimeAreNamed() {
        Job job = SmallJob.job().withReceivers(List.of(PLAIN));
        IpFrame untimed = new IpFrame(IpFrame.CONTACT_ID, 1, "1", "0", "7316", "#7316|1130 01 001", Optional.empty());
        assertThat(new FrameAsked(job).unlike(untimed, new Carried(Transport.UDP, false)))
                .containsExactly(
                        "it came over UDP; Station A takes TCP",
                        "it has no time stamp, without which Station A cannot tell an old frame from a new one");
    }

    @Test
    void anotherFormatAndOtherNumbersAreNamed() {
        assertThat(unlike(PLAIN, frame(IpFrame.LETTERS, "1", "0"), false))
                .containsExactly("it is SIA-DCS; Station A takes ADM-CID");
        assertThat(unlike(PLAIN, frame(IpFrame.CONTACT_ID, "", "7"), false))
                .containsExactly("receiver number missing; Station A has 1", "line number 7; Station A has 0");
    }
}
