package io.answerback.core.loop.fault;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.SupplyLoss;
import io.answerback.core.model.device.SchemeKind;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DiagnosisTest extends DiagnosedLoop {
    @ParameterizedTest
    @CsvSource({
        // rest 2200 + 18.4, active 2200 + 4700 + 18.4, swapped at rest 4700 + 18.4, doubled 4400 + 18.4
        "AT_REST, 2219, ACTIVE, 6919, SOUND",
        "AT_REST, 4719, ACTIVE, 6919, SWAPPED",
        "AT_REST, 4419, FAR_END_SHORTED, 18.4, DOUBLED",
        "AT_REST, 6919, ACTIVE, 2219, WRONG_FORM",
        "AT_REST, 6919, ACTIVE, 6919, OTHER_STATE",
        "AT_REST, 19, ACTIVE, 4719, RESISTOR_BRIDGED",
        "AT_REST, 2219, ACTIVE, 5519, WRONG_ALARM_RESISTOR",
        "AT_REST, 3319, FAR_END_SHORTED, 18.4, WRONG_RESISTOR",
        // a leak of 12 kΩ: 18.4 + 2200 ∥ 12000 = 1877.6, 18.4 + 6900 ∥ 12000 = 4399.5
        "AT_REST, 1878, ACTIVE, 4400, LEAK",
        // a joint of 555 Ω: 2773 and 7473
        "AT_REST, 2773, FAR_END_SHORTED, 573, JOINT"
    })
    void twoReadingsTellTheCause(MeasurementSetup one, double first, MeasurementSetup two, double second, Cause cause) {
        Diagnosis diagnosis = diagnose(reading(one, first), reading(two, second));
        assertThat(diagnosis.explanations().getFirst().cause()).isEqualTo(cause);
        assertThat(diagnosis.settled()).isEqualTo(diagnosis.next().isEmpty());
    }

    /// 2219 Ω both at rest and with the far end lifted: the lifted loop must be open.
    @Test
    void readingsThatNoCauseGivesAreUnexplainedAndTheContradictionIsNamed() {
        Diagnosis diagnosis = diagnose(
                reading(MeasurementSetup.AT_REST, 2219),
                reading(MeasurementSetup.FAR_END_SHORTED, 18.4),
                reading(MeasurementSetup.FAR_END_LIFTED, 2219),
                reading(MeasurementSetup.ACTIVE, 6919));
        assertThat(diagnosis.explanations().getFirst().cause()).isEqualTo(Cause.UNEXPLAINED);
        assertThat(diagnosis.settled()).isFalse();
        assertThat(FaultWords.says(diagnosis.contradiction().orElseThrow()))
                .startsWith("Two readings contradict each other: ");
    }

    @Test
    void aReadingFarFromEveryCauseDoesNotFallBackToHowOftenCausesAreMet() {
        // bridged, the copper alone is 18.4 Ω; lifted, the loop is open
        Diagnosis diagnosis =
                diagnose(reading(MeasurementSetup.FAR_END_SHORTED, 3.0), reading(MeasurementSetup.FAR_END_LIFTED, 400));
        assertThat(diagnosis.explanations().getFirst().cause()).isEqualTo(Cause.UNEXPLAINED);
    }

    @Test
    void hundredsOfKilohmsWhereACoreBrokeAreDampAcrossTheBreak() {
        Diagnosis diagnosis = diagnose(
                reading(MeasurementSetup.AT_REST, 640_000),
                reading(MeasurementSetup.FAR_END_SHORTED, 638_000),
                reading(MeasurementSetup.ACTIVE, 645_000));
        assertThat(diagnosis.explanations().getFirst().cause()).isEqualTo(Cause.CUT_THROUGH_DAMP);
        assertThat(FaultWords.says(diagnosis.explanations().getFirst())).startsWith("A broken core, bridged by damp");
    }

    @Test
    void aPoweredDetectorThatIsActiveWhateverIsDoneMayHaveLostItsSupply() {
        FittedLoop powered = new FittedLoop(WIRING, 1, SupplyLoss.CONTACT_CHANGES, CABLE);
        Diagnosis diagnosis = Diagnosis.of(
                powered,
                even(),
                List.of(reading(MeasurementSetup.AT_REST, 6919), reading(MeasurementSetup.ACTIVE, 6919)));
        assertThat(probability(diagnosis, Cause.LOST_SUPPLY)).isGreaterThan(Diagnosis.LEAST_SHOWN);
        assertThat(probability(diagnose(reading(MeasurementSetup.AT_REST, 6919)), Cause.LOST_SUPPLY))
                .isZero();
    }

    @Test
    void aContactThatSticksIsToldFromADeviceInAnotherStateByItsCover() {
        // stuck at rest: the cover still opens the loop
        Diagnosis diagnosis = diagnose(
                reading(MeasurementSetup.AT_REST, 2219),
                reading(MeasurementSetup.ACTIVE, 2219),
                reading(MeasurementSetup.COVER_OFF, Double.POSITIVE_INFINITY));
        assertThat(diagnosis.explanations().getFirst().cause()).isEqualTo(Cause.CONTACT_STICKS);
    }

    @ParameterizedTest
    @CsvSource({
        // a leak of 12 kΩ reads the same across the pair and to 0 V, until the live core is measured by itself
        "AT_REST, 1878, ACTIVE, 4400, TO_ZERO_VOLTS, 12000, LEAK_TO_ZERO_VOLTS",
        // right in every state, yet bridging the far end does not take the 2k2 away
        "AT_REST, 2219, ACTIVE, 6919, FAR_END_SHORTED, 2219, RESISTOR_IN_PANEL",
        // half of 2218.8, and 2218.8 ∥ 6918.6 with one door open
        "AT_REST, 1109, ACTIVE, 1680, FAR_END_SHORTED, 18.2, TWO_LOOPS",
        // 5k6 at the end: a new 2k2 brings it right
        "AT_REST, 5619, FAR_END_SHORTED, 18.4, NEW_RESISTOR, 2219, WRONG_RESISTOR"
    })
    void aThirdReadingTellsWhatTwoCannot(
            MeasurementSetup one,
            double first,
            MeasurementSetup two,
            double second,
            MeasurementSetup three,
            double third,
            Cause cause) {
        Diagnosis before = diagnose(reading(one, first), reading(two, second));
        Diagnosis after = diagnose(reading(one, first), reading(two, second), reading(three, third));
        assertThat(after.explanations().getFirst().cause()).isEqualTo(cause);
        assertThat(probability(after, cause)).isGreaterThanOrEqualTo(probability(before, cause));
        assertThat(probability(after, cause)).isGreaterThan(0.5);
    }

    /// A reading that says nothing but that there is no leak to 0 V leaves every other cause its share.
    @Test
    void sharesComeOutAsTheyAreStated() {
        Priors priors = new Priors(Arrays.stream(Cause.values())
                .collect(Collectors.toMap(cause -> cause, cause -> 1.0 + cause.ordinal())));
        Diagnosis diagnosis =
                Diagnosis.of(LOOP, priors, List.of(reading(MeasurementSetup.TO_ZERO_VOLTS, Double.POSITIVE_INFINITY)));
        double sound = probability(diagnosis, Cause.SOUND) / priors.of(Cause.SOUND);
        for (Cause cause : Cause.values()) {
            boolean left = new FaultyLoop(LOOP).possible(cause)
                    && cause != Cause.LEAK_TO_ZERO_VOLTS
                    && cause != Cause.UNEXPLAINED;
            if (left) {
                assertThat(probability(diagnosis, cause) / priors.of(cause))
                        .as(cause.id())
                        .isCloseTo(sound, within(sound * 1e-9));
            }
        }
    }

    /// 2k2 in place of 4k7 is a slip with the kit in hand, 2k4 hardly ever; a value that another loop of the job
    /// has is in the kit too.
    @Test
    void aWrongValueIsLikelierAmongThoseOfTheKit() {
        List<Reading> kit = List.of(reading(MeasurementSetup.AT_REST, 2219), reading(MeasurementSetup.ACTIVE, 4419));
        List<Reading> odd = List.of(reading(MeasurementSetup.AT_REST, 2219), reading(MeasurementSetup.ACTIVE, 4619));
        double ofKit = probability(Diagnosis.of(LOOP, even(), kit), Cause.WRONG_ALARM_RESISTOR);
        double ofNone = probability(Diagnosis.of(LOOP, even(), odd), Cause.WRONG_ALARM_RESISTOR);
        double ofJob = probability(Diagnosis.of(LOOP, even().withKit(Set.of(2400.0)), odd), Cause.WRONG_ALARM_RESISTOR);
        assertThat(ofKit).isGreaterThan(ofNone);
        assertThat(ofJob).isGreaterThan(ofNone);
    }

    /// Once the device was put into two states, its being in another one all the same counts for less.
    @Test
    void whoeverPutTheDeviceIntoTwoStatesHasLookedAtIt() {
        Reading rest = reading(MeasurementSetup.AT_REST, 6919);
        Reading active = reading(MeasurementSetup.ACTIVE, 6919);
        Diagnosis once = diagnose(rest);
        Diagnosis twice = diagnose(rest, active);
        double before = probability(once, Cause.OTHER_STATE) / probability(once, Cause.CONTACT_STICKS);
        double after = probability(twice, Cause.OTHER_STATE) / probability(twice, Cause.CONTACT_STICKS);
        assertThat(after).isLessThan(before);
    }

    @Test
    void theValueOfALeakIsFound() {
        Explanation leak = diagnose(reading(MeasurementSetup.AT_REST, 1878), reading(MeasurementSetup.ACTIVE, 4400))
                .explanations()
                .getFirst();
        assertThat(leak.value().orElseThrow().low()).isLessThan(12_000);
        assertThat(leak.value().orElseThrow().high()).isGreaterThan(12_000);
        assertThat(leak.value().orElseThrow().high()
                        / leak.value().orElseThrow().low())
                .isLessThan(1.2);
    }

    @Test
    void aShortIsAsFarAsItsCopper() {
        // 9.2 Ω at 0.184 Ω a metre of pair is 50 m
        Explanation cut = diagnose(
                        reading(MeasurementSetup.AT_REST, 9.2), reading(MeasurementSetup.FAR_END_LIFTED, 9.2))
                .explanations()
                .getFirst();
        assertThat(cut.cause()).isEqualTo(Cause.SHORT);
        assertThat(cut.value().orElseThrow().likeliest()).isCloseTo(50, within(2.0));
        assertThat(FaultWords.says(cut)).matches("A short in the cable, \\d+ to \\d+ m from the panel");
    }

    @Test
    void aClosedLoopHasNoResistorsToBeWrong() {
        Diagnosis diagnosis = Diagnosis.of(
                FittedLoop.of(WIRING.withScheme(SchemeKind.CLOSED_LOOP), CABLE),
                even(),
                List.of(reading(MeasurementSetup.AT_REST, 18.5)));
        assertThat(diagnosis.explanations())
                .extracting(Explanation::cause)
                .doesNotContain(Cause.SWAPPED, Cause.DOUBLED);
        assertThat(probability(diagnosis, Cause.SOUND)).isGreaterThan(0.3);
    }

    @Test
    void nothingMeasuredIsNothingExplained() {
        assertThatThrownBy(() -> diagnose()).hasMessageContaining("give a reading");
    }

    /// Whatever single fault a loop of whatever scheme has, a reading taken of it lists that fault, far above
    /// what is left to slips of the pen.
    @Property(tries = 200)
    void aReadingOfAnySingleFaultListsThatFault(
            @ForAll SchemeKind scheme, @ForAll Cause cause, @ForAll @DoubleRange(min = 0, max = 1) double share) {
        FittedLoop loop = FittedLoop.of(WIRING.withSecondOhms(10_000).withScheme(scheme), CABLE);
        Assume.that(!List.of(Cause.OTHER_STATE, Cause.CONTACT_STICKS, Cause.UNEXPLAINED)
                        .contains(cause)
                && new FaultyLoop(loop).possible(cause));
        double value = switch (cause.free()) {
            case OHMS -> (cause == Cause.CUT_THROUGH_DAMP ? 150_000 : 100) * Math.pow(100, share);
            case METRES -> 100 * share;
            case PREFERRED_VALUE -> 8200;
            default -> 0;
        };
        double ohms = new FaultyLoop(loop)
                .of(cause, value, false, MeasurementSetup.AT_REST)
                .range()
                .nominalOhms();
        Diagnosis diagnosis = Diagnosis.of(loop, even(), List.of(reading(MeasurementSetup.AT_REST, ohms)));
        assertThat(probability(diagnosis, cause)).isGreaterThan(1e-4);
    }

    @Property
    void theNormalDistributionIsAsGoodAsItsSource(@ForAll @DoubleRange(min = -6, max = 6) double x) {
        // Simpson's rule over the density, 2000 steps from −9
        double sum = 0;
        int steps = 2000;
        double width = (x + 9) / steps;
        for (int i = 0; i <= steps; i++) {
            double at = -9 + i * width;
            double weight = i == 0 || i == steps ? 1 : i % 2 == 0 ? 2 : 4;
            sum += weight * Math.exp(-at * at / 2);
        }
        assertThat(Likelihood.below(x)).isCloseTo(sum * width / 3 / Math.sqrt(2 * Math.PI), within(1e-7));
    }
}
