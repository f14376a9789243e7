package io.answerback.core.loop.fault;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.loop.scheme.LoopPart;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// How likely a reading is of a loop of 2k2 or another resistor, against sums by hand.
class LikelihoodTest {
    private static double of(double ohms, double error, double marked, double tolerance) {
        return Likelihood.of(
                new Reading(MeasurementSetup.AT_REST, ohms, error), new LoopPart.Resistor(marked, tolerance));
    }

    /// A density over the decades of resistance, a sixth of a decade each: over all readings it is one.
    @ParameterizedTest
    @CsvSource({"2200, 1, 5", "2200, 5, 20", "4700, 10, 3", "100, 1, 0.4", "2200, 0, 30"})
    void overAllReadingsItIsOne(double marked, double tolerance, double error) {
        double sum = 0;
        double step = error / 20;
        double half = marked * tolerance / 100 + 8 * error;
        for (double ohms = marked - half; ohms < marked + half; ohms += step) {
            sum += of(ohms, error, marked, tolerance) / (ohms * Math.log(10) / 6) * step;
        }
        assertThat(sum).isCloseTo(1, within(0.002));
    }

    /// Inside a wide range every reading is as likely as any other, per ohm.
    @Test
    void insideItsRangeItIsFlat() {
        double low = of(2150, 1, 2200, 5) / 2150;
        double high = of(2250, 1, 2200, 5) / 2250;
        assertThat(low).isCloseTo(high, within(low * 1e-6));
        assertThat(low).isCloseTo(Math.log(10) / 6 / 220, within(1e-9));
    }

    /// At the edge of the range half of the meter's error lies outside.
    @Test
    void atItsEdgeItIsHalf() {
        double inside = of(2200, 1, 2200, 5) / 2200;
        assertThat(of(2310, 1, 2200, 5) / 2310).isCloseTo(inside / 2, within(inside / 1000));
        assertThat(of(2090, 1, 2200, 5) / 2090).isCloseTo(inside / 2, within(inside / 1000));
    }

    @Test
    void aReadingFarAwayRulesTheCauseOut() {
        assertThat(of(4700, 5, 2200, 1)).isCloseTo(Likelihood.SLIP, within(Likelihood.SLIP / 1000));
        assertThat(of(2200, 5, 2200, 1)).isGreaterThan(1e3 * Likelihood.UNEXPLAINED);
    }

    @Test
    void anOpenCircuitIsGivenByAnOpenLoopOnly() {
        LoopPart open = new LoopPart.Contact(0.2, false);
        LoopPart closed = new LoopPart.Resistor(2200, 1);
        Reading nothing = new Reading(MeasurementSetup.AT_REST, Double.POSITIVE_INFINITY, 0);
        Reading something = new Reading(MeasurementSetup.AT_REST, 2200, 5);
        assertThat(Likelihood.of(nothing, open)).isEqualTo(1);
        assertThat(Likelihood.of(nothing, closed)).isEqualTo(Likelihood.SLIP);
        assertThat(Likelihood.of(something, open)).isEqualTo(Likelihood.SLIP);
    }

    /// Values of the normal distribution as tables print them.
    @ParameterizedTest
    @CsvSource({"0, 0.5", "1, 0.8413447", "-1, 0.1586553", "1.96, 0.9750021", "-2.575829, 0.005", "4, 0.9999683"})
    void theNormalDistributionIsThatOfTheTables(double x, double below) {
        assertThat(Likelihood.below(x)).isCloseTo(below, within(1e-7));
    }
}
