package io.answerback.core.supply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.model.device.SounderUnit;
import io.answerback.core.model.device.SounderUnit.Level;
import io.answerback.core.model.device.SounderUnit.OwnBattery;
import io.answerback.core.model.id.ModuleId;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// A sounder with 1.2 Ah of its own: at the end of its life and with a quarter kept back 1.2 · 0.8 / 1.25 =
/// 0.768 Ah.
class SounderStateTest {
    private static final Level LOUD = new Level("loud", 300, 8);
    private static final Level SOFT = new Level("soft", 100, 7);

    private static SounderUnit unit(double mostMinutes) {
        return new SounderUnit(List.of(LOUD, SOFT), 90, 5, true, Optional.of(new OwnBattery(1.2, 25)), mostMinutes);
    }

    private static double minutes(Level level, double celsius) {
        return SounderState.of(new ModuleId("S"), "S", unit(0), level, Optional.empty(), celsius)
                .ownMinutes()
                .orElseThrow();
    }

    @Test
    void itsBatterySoundsByThePeukertLaw() {
        // 20 h · (0.768 / (0.3 · 20))^1.15 = 1.881 h
        assertThat(minutes(LOUD, 25)).isCloseTo(112.8, within(0.1));
        // 20 h · (0.768 / (0.1 · 20))^1.15 = 6.653 h
        assertThat(minutes(SOFT, 25)).isCloseTo(399.2, within(0.2));
        // 85 % at 0 °C: 0.85^1.15 of the time
        assertThat(minutes(LOUD, 0)).isCloseTo(112.8 * Math.pow(0.85, 1.15), within(0.1));
    }

    @Test
    void itSoundsNoLongerThanAskedByItselfOrOnItsBattery() {
        SounderState cut = SounderState.of(new ModuleId("S"), "S", unit(20), LOUD, Optional.empty(), 25);
        assertThat(cut.soundsMinutes(15)).isEqualTo(15);
        assertThat(cut.soundsMinutes(30)).isEqualTo(20);
        assertThat(cut.lasts(500)).isTrue();
        SounderState free = SounderState.of(new ModuleId("S"), "S", unit(0), LOUD, Optional.empty(), 25);
        assertThat(free.soundsMinutes(115)).isCloseTo(112.8, within(0.1));
        assertThat(free.lasts(115)).isFalse();
    }

    @Test
    void aSounderWithoutALevelOrWithTwoOfOneNameIsRefused() {
        assertThatThrownBy(() -> new SounderUnit(List.of(), 0, 0, false, Optional.empty(), 0))
                .hasMessageContaining("at least one level");
        assertThatThrownBy(() -> new SounderUnit(List.of(LOUD, LOUD), 0, 0, false, Optional.empty(), 0))
                .hasMessageContaining("loud");
        assertThat(unit(0).level("no such link")).isEqualTo(LOUD);
    }
}
