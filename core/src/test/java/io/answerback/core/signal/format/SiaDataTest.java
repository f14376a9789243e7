package io.answerback.core.signal.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.signal.event.LetterCode;
import io.answerback.core.signal.event.LetterTable;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.testing.SmallJob;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class SiaDataTest {
    private static final Instant AT = Instant.parse("2026-05-12T09:41:07Z");
    private static final LetterTable LETTERS = new LetterTable(
            SmallJob.EVENTS, List.of(new LetterCode("RB", "programming begun", Optional.empty(), Qualifier.NEW)));
    private static final IpSignals SIGNALS = new IpSignals(LETTERS);
    private static final Signal BURGLARY = new Signal("7316", Qualifier.NEW, "130", 2, 15);

    private static IpFrame frame(Signal signal, String name) {
        return IpFrame.ofLetters(signal, LETTERS.of(signal).orElseThrow(), name, 9, "", "0", AT);
    }

    @Test
    void anEventIsLettersWithItsAreaAndZone() throws BadFrame {
        assertThat(frame(BURGLARY, "").data()).isEqualTo("#7316|Nri02/BA015");
        assertThat(SIGNALS.of(frame(BURGLARY, ""))).isEqualTo(BURGLARY);
        Signal restore = new Signal("7316", Qualifier.RESTORE, "130", 2, 15);
        assertThat(frame(restore, "").data()).isEqualTo("#7316|Nri02/BR015");
        assertThat(SIGNALS.of(frame(restore, ""))).isEqualTo(restore);
    }

    @Test
    void aNameGoesWithItWithoutWhatWouldEndIt() throws BadFrame {
        IpFrame named = frame(BURGLARY, "Dock ^door] 2");
        assertThat(named.data()).isEqualTo("#7316|Nri02/BA015^Dock door 2^");
        assertThat(SIGNALS.of(IpFrames.decode(IpFrames.encode(named)))).isEqualTo(BURGLARY);
    }

    @Test
    void theTimeAndTheUserMayStandBefore() throws BadFrame {
        assertThat(SiaData.read("Nti09:41:07/id3/ri2/BA15").signal("7316", LETTERS))
                .isEqualTo(BURGLARY);
    }

    @Test
    void lettersThatAreNoEventAreUnderstoodAndUnknownOnesAreNot() {
        assertThatThrownBy(() -> SiaData.read("Nri02/RB015").signal("7316", LETTERS))
                .hasMessageContaining("understood, but are no event");
        assertThatThrownBy(() -> SiaData.read("Nri02/QQ015").signal("7316", LETTERS))
                .hasMessage("letters QQ are in no table");
        assertThatThrownBy(() -> SiaData.read("ri02BA")).hasMessageContaining("such as Nri02/BA015");
    }

    @Test
    void thePartsOfEveryKindOfFrameJoinedAreTheFrame() throws BadFrame {
        IpFrame nothing = IpFrame.ofNothing("7316", 9, "1", "0", AT);
        for (IpFrame frame : List.of(frame(BURGLARY, ""), frame(BURGLARY, "Dock door"), nothing)) {
            assertThat(joined(IpFrameParts.of(frame, SIGNALS, SmallJob.EVENTS))).isEqualTo(IpFrames.encode(frame));
        }
        String secret = SecretFrames.encode(nothing, EncryptionKey.of("0".repeat(32)), new java.util.Random(1));
        assertThat(joined(IpFrameParts.ofSecret(nothing, secret))).isEqualTo(secret);
    }

    private static String joined(List<FramePart> parts) {
        return parts.stream()
                .map(FramePart::text)
                .map(text -> text.equals("LF") ? "\n" : text.equals("CR") ? "\r" : text)
                .collect(Collectors.joining());
    }
}
