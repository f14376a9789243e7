package io.answerback.core.signal.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What a call sounds like, measured by a plain Fourier sum, and what another rate leaves of it.
class SynthesisTest {
    private static final int RATE = Sound.LINE_RATE;

    /// The amplitude of a sine in a stretch, by its Fourier sum.
    private static double amplitude(float[] samples, int rate, double hertz, int from, int to) {
        double real = 0;
        double imaginary = 0;
        for (int i = from; i < to; i++) {
            real += samples[i] * Math.cos(2 * Math.PI * hertz * i / rate);
            imaginary += samples[i] * Math.sin(2 * Math.PI * hertz * i / rate);
        }
        return 2 * Math.hypot(real, imaginary) / (to - from);
    }

    private static double decibels(double amplitude) {
        return 20 * Math.log10(amplitude);
    }

    private static Segment tone(double millis, Double... hertz) {
        return new Segment(Segment.Side.PANEL, "step", ' ', List.of(hertz), millis);
    }

    private static float[] played(LineQuality line, Segment... segments) {
        return Synthesis.of(new Call(List.of(segments)), line, new Random(1)).samples();
    }

    @ParameterizedTest
    @ValueSource(doubles = {-3, -10, -26})
    void oneToneHasTheLevelOfTheLine(double level) {
        float[] samples = played(new LineQuality(level, 90, 5, 0), tone(500, 1400.0));
        assertThat(samples).hasSize(4000);
        assertThat(decibels(amplitude(samples, RATE, 1400, 0, 4000))).isCloseTo(level, within(0.05));
    }

    /// Two tones have the power of one between them, and their twist.
    @ParameterizedTest
    @CsvSource({"0", "8", "-4"})
    void aPairHasThePowerOfOneToneAndItsTwist(double twist) {
        float[] samples = played(new LineQuality(-10, 90, twist, 0), tone(500, 852.0, 1336.0));
        double low = amplitude(samples, RATE, 852, 0, 4000);
        double high = amplitude(samples, RATE, 1336, 0, 4000);
        assertThat(decibels(high / low)).isCloseTo(twist, within(0.1));
        assertThat(decibels(Math.hypot(low, high))).isCloseTo(-10, within(0.1));
    }

    @Test
    void tonesThatAreOffAreElsewhere() {
        float[] samples = played(new LineQuality(-10, 90, 0, 1.5), tone(500, 1000.0));
        assertThat(decibels(amplitude(samples, RATE, 1015, 0, 4000))).isCloseTo(-10, within(0.1));
        assertThat(amplitude(samples, RATE, 1000, 0, 4000)).isLessThan(0.05);
    }

    @Test
    void partsFollowOneAnotherToTheSample() {
        float[] samples = played(LineQuality.GOOD, tone(100, 1400.0), tone(50.1), tone(100, 2300.0));
        assertThat(samples).hasSize(2001);
        assertThat(decibels(amplitude(samples, RATE, 1400, 0, 800))).isCloseTo(-10, within(0.1));
        for (int i = 800; i < 1201; i++) {
            assertThat(samples[i]).isZero();
        }
        assertThat(decibels(amplitude(samples, RATE, 2300, 1201, 2001))).isCloseTo(-10, within(0.1));
    }

    /// Noise lies so far under the tone: its root mean square against that of a sine of the level.
    @ParameterizedTest
    @ValueSource(doubles = {0, 15, 40})
    void noiseLiesSoFarUnderTheTones(double noise) {
        float[] samples = played(new LineQuality(-20, noise, 0, 0), tone(4000));
        double squares = 0;
        for (float sample : samples) {
            squares += sample * sample;
        }
        double rms = Math.sqrt(squares / samples.length);
        assertThat(decibels(rms * Math.sqrt(2))).isCloseTo(-20 - noise, within(0.2));
    }

    @Test
    void nothingIsLouderThanFullScale() {
        for (float sample : played(new LineQuality(0, 0, 0, 0), tone(500, 852.0, 1336.0))) {
            assertThat(sample).isBetween(-1f, 1f);
        }
    }

    @ParameterizedTest
    @CsvSource({"11025, 1000", "16000, 2300", "44100, 697", "48000, 3000"})
    void anotherRateLeavesTheToneAsItIs(int rate, double hertz) {
        float[] samples = new float[rate];
        for (int i = 0; i < rate; i++) {
            samples[i] = (float) (0.3 * Math.sin(2 * Math.PI * hertz * i / rate));
        }
        Sound line = new Sound(samples, rate).atLineRate();
        assertThat(line.rate()).isEqualTo(RATE);
        assertThat(line.samples().length).isBetween(RATE - 1, RATE);
        assertThat(amplitude(line.samples(), RATE, hertz, 800, 7200)).isCloseTo(0.3, within(0.005));
    }

    /// What a line does not carry would come back as another tone.
    @ParameterizedTest
    @CsvSource({"16000, 5000, 3000", "48000, 7000, 1000", "44100, 9400, 1400"})
    void whatALineDoesNotCarryIsGone(int rate, double hertz, double wouldBe) {
        float[] samples = new float[rate];
        for (int i = 0; i < rate; i++) {
            samples[i] = (float) (0.5 * Math.sin(2 * Math.PI * hertz * i / rate));
        }
        float[] line = new Sound(samples, rate).atLineRate().samples();
        assertThat(amplitude(line, RATE, wouldBe, 800, 7200)).isLessThan(0.005);
    }

    @Test
    void aConstantStaysWhatItIs() {
        float[] samples = new float[48_000];
        java.util.Arrays.fill(samples, 0.25f);
        float[] line = new Sound(samples, 48_000).atLineRate().samples();
        for (int i = 40; i < line.length - 40; i++) {
            assertThat(line[i]).isCloseTo(0.25f, within(0.001f));
        }
    }

    @Test
    void aSoundAtLineRateIsLeftAlone() {
        Sound sound = new Sound(new float[] {0.1f, 0.2f}, RATE);
        assertThat(sound.atLineRate()).isSameAs(sound);
        assertThat(new Sound(new float[16_000], 16_000).seconds()).isEqualTo(1);
        assertThatThrownBy(() -> new Sound(new float[1], 7999)).hasMessageContaining("samples a second");
        assertThatThrownBy(() -> new Sound(new float[1], 192_001)).hasMessageContaining("samples a second");
    }

    @Test
    void loopDisconnectDialsTenBreaksForANought() {
        Call call =
                new CallScript().dial("20", CallScript.Dialling.LOOP_DISCONNECT).call();
        List<Segment> dialled = call.segments().stream()
                .filter(part -> part.step().equals("dials 2 digits"))
                .toList();
        assertThat(dialled.stream().filter(part -> part.millis() == 60)).hasSize(12);
        assertThat(dialled.stream().filter(part -> part.millis() == 40)).hasSize(12);
        assertThat(dialled.stream().filter(part -> part.millis() == 700)).hasSize(2);
        assertThat(dialled).allMatch(Segment::silent);
        assertThat(call.seconds()).isCloseTo(0.4 + 12 * 0.1 + 2 * 0.7 + 1 + 0.275, within(1e-9));
    }

    @Test
    void tonesDialEachDigitAndACommaWaits() {
        Call call = new CallScript().dial("0,*#", CallScript.Dialling.TONES).call();
        List<Segment> dialled = call.segments().stream()
                .filter(part -> part.step().equals("dials 3 digits"))
                .toList();
        assertThat(dialled).extracting(Segment::millis).containsExactly(70.0, 70.0, 1000.0, 70.0, 70.0, 70.0, 70.0);
        assertThat(dialled.get(0).hertz()).containsExactly(941.0, 1336.0);
        assertThat(dialled.get(3).hertz()).containsExactly(941.0, 1209.0);
        assertThat(dialled.get(5).hertz()).containsExactly(941.0, 1477.0);
    }
}
