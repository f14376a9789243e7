package io.answerback.core.loop.fault;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.testing.SmallJob;
import java.util.List;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/// What is measured next, and what it settles.
class NextMeasurementTest extends DiagnosedLoop {
    @Test
    void nothingIsSettledWhileAMeasurementWouldTellTheFirstTwoApart() {
        // all well, or the resistor at the panel: bridging the far end tells
        Diagnosis diagnosis = diagnose(reading(MeasurementSetup.AT_REST, 2219), reading(MeasurementSetup.ACTIVE, 6919));
        boolean second = diagnosis.explanations().get(1).probability() >= Diagnosis.LEAST_SHOWN;
        assertThat(second).isTrue();
        assertThat(diagnosis.explanations().getFirst().probability()).isGreaterThan(0.9);
        assertThat(diagnosis.settled()).isFalse();
        assertThat(diagnosis.next()).isPresent();
        assertThat(diagnosis.byPriorOnly()).isTrue();
        Diagnosis after = diagnose(
                reading(MeasurementSetup.AT_REST, 2219),
                reading(MeasurementSetup.ACTIVE, 6919),
                reading(MeasurementSetup.FAR_END_SHORTED, 18.4));
        assertThat(after.settled()).isTrue();
        assertThat(after.next()).isEmpty();
    }

    @Test
    void partingTheCoresHalfWayTellsOnWhichSideACutIs() {
        Reading open = reading(MeasurementSetup.AT_REST, Double.POSITIVE_INFINITY);
        Reading bridged = reading(MeasurementSetup.FAR_END_SHORTED, Double.POSITIVE_INFINITY);
        // beyond the joint all is sound: 9.2 + 2200.4
        Explanation near = diagnose(open, bridged, reading(MeasurementSetup.FROM_MID_JOINT, 2210))
                .explanations()
                .getFirst();
        Explanation far = diagnose(open, bridged, reading(MeasurementSetup.FROM_MID_JOINT, Double.POSITIVE_INFINITY))
                .explanations()
                .getFirst();
        assertThat(FaultWords.says(near)).isEqualTo("A broken core, before the joint half way");
        assertThat(FaultWords.says(far)).isEqualTo("A broken core, beyond the joint half way");
    }

    @Test
    void oneReadingLeavesDoubtAndSaysWhatSettlesIt() {
        // 4 620 Ω with the device active is a damp joint of 14 kΩ or 2k4 where 4k7 should be
        Diagnosis diagnosis = diagnose(reading(MeasurementSetup.ACTIVE, 4620));
        assertThat(diagnosis.settled()).isFalse();
        assertThat(probability(diagnosis, Cause.LEAK)).isGreaterThan(0.05);
        assertThat(probability(diagnosis, Cause.WRONG_ALARM_RESISTOR)).isGreaterThan(0.05);
        assertThat(diagnosis.next().orElseThrow().bits()).isGreaterThan(0.5);
        assertThat(diagnosis.explanations().stream()
                        .mapToDouble(Explanation::probability)
                        .sum())
                .isCloseTo(1, within(1e-9));
    }

    /// Opening the door tells as much as bridging the far end here, and takes no ladder.
    @Test
    void whatIsNextIsWeighedByWhatItCosts() {
        // 4 720 Ω at rest: the two in each other's place, or 4k7 at the end
        Diagnosis diagnosis = diagnose(reading(MeasurementSetup.AT_REST, 4719));
        assertThat(diagnosis.next().orElseThrow().setup()).isEqualTo(MeasurementSetup.ACTIVE);
    }

    @Test
    void anOpenLoopAtRestMayBeACoverOrACore() {
        Diagnosis diagnosis = diagnose(reading(MeasurementSetup.AT_REST, Double.POSITIVE_INFINITY));
        assertThat(probability(diagnosis, Cause.CUT)).isGreaterThan(0.3);
        assertThat(probability(diagnosis, Cause.OTHER_STATE)).isGreaterThan(0.1);
        assertThat(diagnosis.next().orElseThrow().setup()).isEqualTo(MeasurementSetup.FAR_END_SHORTED);
    }

    @Test
    void voltsAtTheTerminalsAreOhmsWithTheirError() {
        // 5 V through 4k7 over 2 218 Ω: 5 · 2218 / 6918 = 1.6031 V
        var profile = SmallJob.job().panel().profile().inputs();
        Reading reading = Reading.volts(MeasurementSetup.AT_REST, 1.6031, profile);
        assertThat(reading.ohms()).isCloseTo(2218, within(1.0));
        // dR/dV = 4700 · 5 / (5 − 1.6031)² = 2 036.6 Ω/V; half of 0.5 % + 2 mV is 5.0 mV
        assertThat(reading.errorOhms()).isCloseTo(2036.6 * (0.005 * 1.6031 + 0.002) / 2, within(0.1));
        assertThat(Reading.volts(MeasurementSetup.AT_REST, 5, profile).ohms()).isInfinite();
        assertThatThrownBy(() -> Reading.volts(MeasurementSetup.AT_REST, 6, profile))
                .hasMessageContaining("reading in volts");
    }

    /// Whatever joint or leak there is, the three readings that tell the most name it, with its value.
    @Property(tries = 60)
    void aHiddenFaultIsFoundByFollowingTheAdvice(
            @ForAll @DoubleRange(min = 2, max = 4.5) double power, @ForAll boolean joint) {
        double value = Math.pow(10, power);
        // a leak as large as the end-of-line resistor is what a second loop across this one would be, and a joint
        // that makes 4k7 of the 2k2 what the two resistors in each other's place would be
        Assume.that(joint ? Math.abs(value - 2500) > 150 : Math.abs(value - 2200) > 200);
        Cause cause = joint ? Cause.JOINT : Cause.LEAK;
        FaultyLoop truth = new FaultyLoop(LOOP);
        List<Reading> readings = new java.util.ArrayList<>();
        MeasurementSetup setup = MeasurementSetup.AT_REST;
        Diagnosis diagnosis = null;
        for (int i = 0; i < 4; i++) {
            readings.add(
                    reading(setup, truth.of(cause, value, false, setup).range().nominalOhms()));
            diagnosis = Diagnosis.of(LOOP, even(), readings);
            if (diagnosis.next().isEmpty()) {
                break;
            }
            setup = diagnosis.next().get().setup();
        }
        Explanation first = diagnosis.explanations().getFirst();
        assertThat(first.cause()).isEqualTo(cause);
        assertThat(first.value().orElseThrow().likeliest()).isCloseTo(value, within(value * 0.25));
    }
}
