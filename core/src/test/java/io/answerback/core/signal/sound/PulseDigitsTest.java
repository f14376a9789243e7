package io.answerback.core.signal.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.signal.format.PulseReport;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What is heard of pulses that are made here one by one.
class PulseDigitsTest {
    private static final double BEGINS = 300;

    private final float[] samples = new float[3 * Sound.LINE_RATE];

    private void pulse(double hertz, double amplitude, double atMillis, double millis) {
        int from = (int) Math.round(atMillis * 8);
        for (int i = from; i < from + (int) Math.round(millis * 8); i++) {
            samples[i] += (float) (amplitude * Math.sin(2 * Math.PI * hertz * i / Sound.LINE_RATE));
        }
    }

    private void digit(int pulses, double atMillis, double on, double off) {
        for (int i = 0; i < pulses; i++) {
            pulse(1800, 0.2, atMillis + i * (on + off), on);
        }
    }

    private List<HeardDigit> heard() {
        return new PulseDigits(samples, List.of()).heard();
    }

    @Property(tries = 15)
    void anyNumberOfPulsesIsItsDigit(@ForAll @IntRange(min = 1, max = 15) int pulses) {
        java.util.Arrays.fill(samples, 0);
        digit(pulses, BEGINS, 30, 20);
        HeardDigit digit = heard().getFirst();
        assertThat(heard()).hasSize(1);
        assertThat(digit.digit()).isEqualTo(PulseReport.digit(pulses));
        assertThat(digit.atMillis()).isCloseTo(BEGINS, within(3.0));
        assertThat(digit.onMillis()).isCloseTo(pulses * 50 - 20, within(4.0));
        assertThat(digit.perSecond()).isCloseTo(pulses == 1 ? 0 : 20, within(0.5));
    }

    @ParameterizedTest
    @CsvSource({"60, 40, 10", "30, 20, 20", "12.5, 12.5, 40", "40, 30, 14.3"})
    void theSpeedIsThatOfThePulses(double on, double off, double perSecond) {
        digit(9, BEGINS, on, off);
        assertThat(heard()).singleElement().satisfies(digit -> {
            assertThat(digit.digit()).isEqualTo('9');
            assertThat(digit.perSecond()).isCloseTo(perSecond, within(perSecond / 50));
            assertThat(digit.onMillis()).isCloseTo(9 * (on + off) - off, within(4.0));
        });
    }

    @ParameterizedTest
    @CsvSource({"1800, 0.2", "1900, 0.2", "1850, 0.05", "1800, 0.01"})
    void theLevelIsThatOfItsSine(double hertz, double amplitude) {
        for (int i = 0; i < 5; i++) {
            pulse(hertz, amplitude, BEGINS + 100 * i, 60);
        }
        assertThat(heard())
                .singleElement()
                .satisfies(
                        digit -> assertThat(digit.levelDecibels()).isCloseTo(20 * Math.log10(amplitude), within(1.5)));
    }

    @Test
    void sixteenPulsesAreNoDigit() {
        digit(16, BEGINS, 30, 20);
        digit(3, BEGINS + 1200, 30, 20);
        assertThat(heard()).extracting(HeardDigit::digit).containsExactly('3');
    }

    /// One pulse to the next takes 50 ms; the next digit begins where it takes more than 1.8 times that.
    @ParameterizedTest
    @CsvSource({"80, 1", "100, 2"})
    void aLongerPauseBeginsTheNextDigit(double fromPulseToPulse, int digits) {
        digit(4, BEGINS, 30, 20);
        digit(3, BEGINS + 150 + fromPulseToPulse, 30, 20);
        assertThat(heard()).hasSize(digits);
    }

    @Test
    void fadingPulsesAreHeardDownToAThirdOfThePower() {
        digit(6, BEGINS, 30, 20);
        pulse(1800, 0.13, BEGINS + 300, 30);
        pulse(1800, 0.05, BEGINS + 350, 30);
        assertThat(heard()).extracting(HeardDigit::digit).containsExactly('7');
    }

    @Test
    void whatLiesUnderAToneOfTheReceiverIsNoPulse() {
        digit(5, BEGINS, 30, 20);
        HeardTone tone = new HeardTone(1400, BEGINS + 900, 200);
        pulse(1850, 0.2, BEGINS + 950, 30);
        assertThat(heard()).hasSize(2);
        assertThat(new PulseDigits(samples, List.of(tone)).heard())
                .extracting(HeardDigit::digit)
                .containsExactly('5');
    }

    @Test
    void silenceAndAFaintHumAreNoPulses() {
        assertThat(heard()).isEmpty();
        pulse(1850, 0.0005, 0, 3000);
        assertThat(heard()).isEmpty();
    }

    @Test
    void whatNeverEndsIsNoPulse() {
        pulse(1850, 0.2, 500, 2500);
        assertThat(heard()).isEmpty();
    }
}
