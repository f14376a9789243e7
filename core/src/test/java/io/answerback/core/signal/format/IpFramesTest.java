package io.answerback.core.signal.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.signal.event.LetterTable;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.testing.SmallJob;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;

class IpFramesTest {
    private static final Instant AT = Instant.parse("2026-05-12T09:41:07Z");
    private static final Signal SIGNAL = new Signal("7316", Qualifier.NEW, "130", 1, 7);
    private static final IpSignals SIGNALS = new IpSignals(new LetterTable(SmallJob.EVENTS, List.of()));
    private static final IpFrame FRAME = IpFrame.of(SIGNAL, 42, "1", "0", AT);

    @Test
    void crcOfTheStandardCheckStringIsBB3D() {
        assertThat(Crc16.of("123456789")).isEqualTo(0xBB3D);
    }

    @Test
    void theFrameIsLaidOutByteForByte() {
        String body = "\"ADM-CID\"0042R1L0#7316[#7316|1130 01 007]_09:41:07,05-12-2026";
        // the body has 61 bytes, which is 03D
        assertThat(IpFrames.encode(FRAME)).isEqualTo("\n%04X003D%s\r".formatted(Crc16.of(body), body));
    }

    @Test
    void whatWasEncodedIsReadBack() throws BadFrame {
        assertThat(IpFrames.decode(IpFrames.encode(FRAME))).isEqualTo(FRAME);
        assertThat(SIGNALS.of(FRAME)).isEqualTo(SIGNAL);
    }

    @Property
    void oneChangedByteIsRefusedWithAReason(@ForAll @IntRange(max = 70) int place, @ForAll char other) {
        String right = IpFrames.encode(FRAME);
        char changed = (char) (other % 256);
        int at = place % right.length();
        if (right.charAt(at) == changed || Character.toUpperCase(changed) == right.charAt(at)) {
            return;
        }
        String wrong = right.substring(0, at) + changed + right.substring(at + 1);
        assertThatThrownBy(() -> IpFrames.decode(wrong))
                .isInstanceOf(BadFrame.class)
                .message()
                .isNotBlank();
    }

    @Property
    void rubbishNeverThrowsAnythingButBadFrame(@ForAll @StringLength(max = 200) String rubbish) {
        for (String text : new String[] {rubbish, "\n" + rubbish + "\r", "\n0000003D\"" + rubbish + "\r"}) {
            try {
                IpFrames.decode(text);
            } catch (BadFrame refused) {
                assertThat(refused).hasMessageMatching("(?s).+");
            }
        }
    }

    @Test
    void wrongLengthAndCheckSayWhatWasSaidAndWhatIs() {
        String right = IpFrames.encode(FRAME);
        assertThatThrownBy(() -> IpFrames.decode(right.replaceFirst("003D", "0040")))
                .hasMessage("length says 64 bytes (040); there are 61 (03D)");
        assertThatThrownBy(() -> IpFrames.decode(right.replace("1130", "1131")))
                .hasMessageMatching("check says [0-9A-F]{4}; the bytes give [0-9A-F]{4}");
    }

    /// Two thousand empty brackets fit into 4 kB.
    @Test
    void manyBracketsAreReadAndNothingOverflows() throws BadFrame {
        IpFrame bare = IpFrame.of(new Signal("7316", Qualifier.NEW, "130", 1, 7), 1, "1", "0", Instant.EPOCH);
        IpFrame many =
                new IpFrame(bare.id(), 1, "1", "0", "7316", bare.data(), "[]".repeat(2000), Optional.of(Instant.EPOCH));
        assertThat(IpFrames.decode(IpFrames.encode(many))).isEqualTo(many);
        for (String wrong : List.of("[]".repeat(1999) + "[", "[a[b]]", "]", "[]x")) {
            IpFrame torn = new IpFrame(bare.id(), 1, "1", "0", "7316", bare.data(), wrong, Optional.empty());
            assertThatThrownBy(() -> IpFrames.decode(IpFrames.encode(torn))).hasMessageContaining("[data], time");
        }
    }

    @Test
    void dataOfAnotherAccountIsRefused() throws BadFrame {
        String body = "\"ADM-CID\"0042L0#7316[#7317|1130 01 007]";
        IpFrame frame = IpFrames.decode("\n%04X0%03X%s\r".formatted(Crc16.of(body), body.length(), body));
        assertThatThrownBy(() -> SIGNALS.of(frame)).hasMessageContaining("data names account 7317");
    }

    @Test
    void answersMatchTheFrameTheyAnswer() throws BadFrame {
        IpFrame ack = IpFrames.decode(IpFrames.encode(Answer.ACK.frame(FRAME, AT)));
        assertThat(Answer.read(ack, FRAME)).contains(Answer.ACK);
        IpFrame nextFrame = IpFrame.of(SIGNAL, 43, "1", "0", AT);
        assertThat(Answer.read(ack, nextFrame)).isEmpty();
        IpFrame nak = IpFrames.decode(IpFrames.encode(Answer.NAK.frame(FRAME, AT)));
        assertThat(nak.sequence()).isZero();
        assertThat(nak.sentAt()).contains(AT);
        assertThat(Answer.read(nak, FRAME)).contains(Answer.NAK);
    }

    @Test
    void thePartsOfAFrameJoinedAreTheFrame() throws BadFrame {
        String joined = IpFrameParts.of(FRAME, SIGNALS, SmallJob.EVENTS).stream()
                .map(FramePart::text)
                .collect(Collectors.joining())
                .replace("LF", "\n")
                .replace("CR", "\r");
        assertThat(joined).isEqualTo(IpFrames.encode(FRAME));
    }
}
