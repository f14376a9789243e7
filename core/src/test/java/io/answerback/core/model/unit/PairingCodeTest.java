package io.answerback.core.model.unit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.Instant;
import org.junit.jupiter.api.Test;

class PairingCodeTest {
    private static final Instant SHOWN = Instant.parse("2026-05-12T09:00:00Z");
    private final PairingCode code = new PairingCode(SHOWN, 10);

    @Test
    void itIsGoodToTheLastSecondAndNoLonger() {
        assertThat(code.left(SHOWN)).isEqualTo("10:00");
        assertThat(code.left(SHOWN.plusMillis(18_100))).isEqualTo("9:41");
        assertThat(code.over(SHOWN.plusMillis(599_999))).isFalse();
        assertThat(code.over(SHOWN.plusSeconds(600))).isTrue();
        assertThat(code.secondsLeft(SHOWN.plusSeconds(7_200))).isZero();
    }

    @Test
    void oneThatIsGoodForNoTimeIsRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new PairingCode(SHOWN, 0))
                .withMessageContaining("minute");
    }
}
