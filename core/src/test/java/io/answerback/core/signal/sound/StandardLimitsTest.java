package io.answerback.core.signal.sound;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// From where on what was heard is said to be outside the standard.
class StandardLimitsTest {
    private static HeardDigit tone(double onMillis, double twist, double error) {
        return new HeardDigit('7', 100, onMillis, -12, twist, error, 0);
    }

    private static HeardDigit pulses(double perSecond) {
        return new HeardDigit('4', 100, 200, -12, 0, 0, perSecond);
    }

    @ParameterizedTest
    @CsvSource({"50, 0, 0", "40, 0, 0", "60, 0, 0", "50, -4.5, 0", "50, 8.5, 0", "50, 0, 1.7", "50, 0, -1.7"})
    void whatIsJustInsideIsNotSaid(double onMillis, double twist, double error) {
        assertThat(StandardLimits.ofTones(List.of(tone(onMillis, twist, error))))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "39.4, 0, 0, digit 1 (7) lasts 39 ms; the standard has 50",
        "60.6, 0, 0, digit 1 (7) lasts 61 ms; the standard has 50",
        "50, -5, 0, digit 1 (7) has a twist of -5 dB; a receiver takes -4 to +8",
        "50, 9, 0, digit 1 (7) has a twist of +9 dB; a receiver takes -4 to +8",
        "50, 0, 1.8, digit 1 (7) has a tone that is +1.8 % off; 1.5 % are taken",
        "50, 0, -2.4, digit 1 (7) has a tone that is -2.4 % off; 1.5 % are taken"
    })
    void whatIsOutsideIsSaidWithItsFigure(double onMillis, double twist, double error, String says) {
        assertThat(StandardLimits.ofTones(List.of(tone(onMillis, twist, error))))
                .containsExactly(says);
    }

    @Test
    void eachDigitIsNamedByItsPlaceAndFourAreSaidInFull() {
        List<HeardDigit> digits = Collections.nCopies(6, tone(70, 0, 0));
        List<String> says = StandardLimits.ofTones(digits);
        assertThat(says).hasSize(5).endsWith("and 2 more like these");
        assertThat(says.get(3)).startsWith("digit 4 (7)");
        assertThat(StandardLimits.ofTones(digits.subList(0, 4)))
                .hasSize(4)
                .last()
                .asString()
                .startsWith("digit 4");
    }

    @ParameterizedTest
    @ValueSource(doubles = {9, 10, 11, 18, 22, 36, 40, 44})
    void aTenthBesideAUsualSpeedIsTaken(double perSecond) {
        assertThat(StandardLimits.ofPulses(List.of(pulses(perSecond)))).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(doubles = {8.9, 11.1, 17.9, 22.1, 35.9, 44.1})
    void anyOtherSpeedIsSaid(double perSecond) {
        assertThat(StandardLimits.ofPulses(List.of(pulses(perSecond))))
                .containsExactly("%.1f pulses a second; receivers take 10, 20 or 40".formatted(perSecond));
    }

    @Test
    void oneOddDigitAmongMostIsNotTheSpeed() {
        assertThat(StandardLimits.ofPulses(List.of(pulses(20), pulses(20), pulses(14))))
                .isEmpty();
        assertThat(StandardLimits.ofPulses(List.of(pulses(20), pulses(14), pulses(14))))
                .hasSize(1);
    }

    @Test
    void singlePulsesHaveNoSpeed() {
        assertThat(StandardLimits.ofPulses(List.of(pulses(0), pulses(0)))).isEmpty();
        assertThat(StandardLimits.ofPulses(List.of())).isEmpty();
    }
}
