package io.answerback.core.signal.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What is heard of tones that are made here sine by sine: which are a digit, and the figures of those that are.
class ToneDigitsTest {
    private static final double LOW = 852;
    private static final double HIGH = 1336;

    private final float[] samples = new float[Sound.LINE_RATE];

    private void sine(double hertz, double amplitude, double atMillis, double millis) {
        int from = (int) Math.round(atMillis * 8);
        int to = (int) Math.round((atMillis + millis) * 8);
        for (int i = from; i < to; i++) {
            samples[i] += (float) (amplitude * Math.sin(2 * Math.PI * hertz * i / Sound.LINE_RATE));
        }
    }

    private void pair(double low, double high, double atMillis, double millis) {
        sine(LOW, low, atMillis, millis);
        sine(HIGH, high, atMillis, millis);
    }

    private List<HeardDigit> heard() {
        return new ToneDigits(samples).heard();
    }

    private HeardDigit one() {
        assertThat(heard()).hasSize(1);
        return heard().getFirst();
    }

    /// Two sines of amplitudes a and b against one of amplitude 1: 10 log(a² + b²).
    @ParameterizedTest
    @CsvSource({"0.05, 0.05", "0.2, 0.1", "0.1, 0.25", "0.5, 0.5", "0.01, 0.02"})
    void levelAndTwistAreThoseOfTheSines(double low, double high) {
        pair(low, high, 200, 100);
        assertThat(one().digit()).isEqualTo('8');
        assertThat(one().levelDecibels()).isCloseTo(10 * Math.log10(low * low + high * high), within(0.3));
        assertThat(one().twistDecibels()).isCloseTo(20 * Math.log10(high / low), within(0.4));
        assertThat(one().perSecond()).isZero();
    }

    @ParameterizedTest
    @CsvSource({"200, 50", "203.7, 50", "317, 36", "150, 90", "411.3, 400"})
    void aDigitLastsFromWhereItsTonesBeginToWhereTheyEnd(double at, double millis) {
        pair(0.2, 0.2, at, millis);
        assertThat(one().atMillis()).isCloseTo(at, within(2.0));
        assertThat(one().onMillis()).isCloseTo(millis, within(3.0));
        assertThat(one().endMillis()).isCloseTo(at + millis, within(2.0));
    }

    @ParameterizedTest
    @ValueSource(doubles = {5, 10, 15})
    void aClickIsNoDigit(double millis) {
        pair(0.2, 0.2, 200, millis);
        assertThat(heard()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"-8, true", "-10, false", "12, true", "14, false"})
    void aTwistFarBeyondTheStandardIsNoDigit(double decibels, boolean isHeard) {
        pair(0.1, 0.1 * Math.pow(10, decibels / 20), 200, 80);
        assertThat(heard()).hasSize(isHeard ? 1 : 0);
    }

    @Test
    void oneToneAloneIsNoDigit() {
        sine(LOW, 0.3, 100, 100);
        sine(HIGH, 0.3, 400, 100);
        assertThat(heard()).isEmpty();
    }

    @Test
    void twoTonesOfOneGroupAreNoDigit() {
        pair(0.2, 0.2, 200, 80);
        sine(697, 0.2, 200, 80);
        assertThat(heard()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"0.1, true", "0.25, true", "0.35, false"})
    void theTwoTonesHaveAtLeastHalfOfThePower(double besideThem, boolean isHeard) {
        pair(0.2, 0.2, 200, 80);
        sine(2750, besideThem, 0, 1000);
        assertThat(heard()).hasSize(isHeard ? 1 : 0);
    }

    /// Under 60 dB below full scale it is silence.
    @ParameterizedTest
    @CsvSource({"0.0007, false", "0.0015, true"})
    void whatIsNextToSilenceIsNoDigit(double amplitude, boolean isHeard) {
        pair(amplitude, amplitude, 200, 80);
        assertThat(heard()).hasSize(isHeard ? 1 : 0);
    }

    @Test
    void aMuchWeakerDigitBesideAStrongOneIsItsEcho() {
        pair(0.3, 0.3, 200, 60);
        sine(941, 0.1, 275, 50);
        sine(1477, 0.1, 275, 50);
        assertThat(heard()).extracting(HeardDigit::digit).containsExactly('8');
    }

    @Test
    void theSameWeakDigitFartherAwayIsOneOfItsOwn() {
        pair(0.3, 0.3, 200, 60);
        sine(941, 0.1, 400, 50);
        sine(1477, 0.1, 400, 50);
        assertThat(heard()).extracting(HeardDigit::digit).containsExactly('8', 'C');
        assertThat(heard().getLast().levelDecibels()).isCloseTo(10 * Math.log10(0.02), within(0.3));
    }

    @Test
    void theSameDigitTwiceWithAPauseBetweenIsTwo() {
        pair(0.2, 0.2, 200, 50);
        pair(0.2, 0.2, 300, 50);
        assertThat(heard()).extracting(HeardDigit::digit).containsExactly('8', '8');
        assertThat(heard().getLast().atMillis() - heard().getFirst().endMillis())
                .isCloseTo(50, within(4.0));
    }

    @ParameterizedTest
    @CsvSource({"1, 0, 1", "-2, 0, -2", "0, 1.6, 1.6", "0.4, -1.4, -1.4", "0, 0, 0"})
    void theToneThatIsOffFurthestIsSaid(double low, double high, double says) {
        sine(LOW * (1 + low / 100), 0.2, 200, 100);
        sine(HIGH * (1 + high / 100), 0.2, 200, 100);
        assertThat(one().errorPercent()).isCloseTo(says, within(0.25));
    }

    @Test
    void everyPairIsItsDigit() {
        String digits = "123D456E789FB0CA";
        for (int i = 0; i < digits.length(); i++) {
            sine(DtmfDigit.LOW[i / 4], 0.2, 10 + 60 * i, 40);
            sine(DtmfDigit.HIGH[i % 4], 0.2, 10 + 60 * i, 40);
        }
        assertThat(heard())
                .extracting(HeardDigit::digit)
                .containsExactly(digits.chars().mapToObj(digit -> (char) digit).toArray(Character[]::new));
    }

    /// Two digits that follow one another without a pause are two, each as long as its tones.
    @Test
    void aDigitEndsWhereTheNextBegins() {
        pair(0.2, 0.2, 200, 60);
        sine(941, 0.2, 260, 60);
        sine(1477, 0.2, 260, 60);
        assertThat(heard()).extracting(HeardDigit::digit).containsExactly('8', 'C');
        assertThat(heard().getFirst().atMillis()).isCloseTo(200, within(3.0));
        assertThat(heard().getLast().endMillis()).isCloseTo(320, within(3.0));
    }

    @Test
    void fewerSamplesThanAStretchAreNoDigit() {
        for (int length : new int[] {0, 1, 204, 205}) {
            assertThat(new ToneDigits(new float[length]).heard()).isEmpty();
        }
    }
}
