package io.answerback.desktop.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.prove.acceptance.WalkNote;
import io.answerback.core.prove.acceptance.WalkNote.Kind;
import io.answerback.core.signal.sound.Sound;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// What a walk sounds like: the tones, measured by their Fourier sums.
class WalkSoundTest {
    private static final int PART = 7056;

    private static WalkNote note(Kind kind) {
        return new WalkNote(
                kind, Optional.empty(), Optional.empty(), "says", "", Optional.empty(), Optional.empty(), 0);
    }

    private static double amplitude(Sound sound, int part, double hertz) {
        double real = 0;
        double imaginary = 0;
        for (int i = part * PART; i < (part + 1) * PART; i++) {
            double angle = 2 * Math.PI * hertz * i / sound.rate();
            real += sound.samples()[i] * Math.cos(angle);
            imaginary += sound.samples()[i] * Math.sin(angle);
        }
        return 2 * Math.hypot(real, imaginary) / PART;
    }

    @Test
    void aLineThatIsShownRises() {
        Sound sound = WalkSound.of(note(Kind.SHOWN));
        assertThat(sound.samples()).hasSize(2 * PART);
        assertThat(amplitude(sound, 0, 660)).isGreaterThan(0.25);
        assertThat(amplitude(sound, 0, 990)).isLessThan(0.02);
        assertThat(amplitude(sound, 1, 990)).isGreaterThan(0.25);
        assertThat(amplitude(sound, 1, 660)).isLessThan(0.02);
    }

    @ParameterizedTest
    @EnumSource(
            value = Kind.class,
            names = {"OTHER_DEVICE", "SWAPPED", "WRONG_AREA", "WRONG_EVENT", "WRONG_NUMBER"})
    void whatIsWrongIsLowTwice(Kind kind) {
        Sound sound = WalkSound.of(note(kind));
        assertThat(sound.samples()).hasSize(3 * PART);
        assertThat(amplitude(sound, 0, 220)).isGreaterThan(0.25);
        assertThat(amplitude(sound, 2, 220)).isGreaterThan(0.25);
        for (int i = PART; i < 2 * PART; i++) {
            assertThat(sound.samples()[i]).isZero();
        }
    }

    /// Each tone swells and fades: no clicks, and never at full scale.
    @ParameterizedTest
    @EnumSource(Kind.class)
    void nothingClicks(Kind kind) {
        float[] samples = WalkSound.of(note(kind)).samples();
        for (int i = 0; i < samples.length; i++) {
            assertThat(Math.abs(samples[i])).isLessThanOrEqualTo(0.5f);
            assertThat(Math.abs(samples[i] - (i == 0 ? 0 : samples[i - 1]))).isLessThan(0.08f);
        }
        assertThat(samples[samples.length - 1]).isCloseTo(0f, within(0.01f));
    }
}
