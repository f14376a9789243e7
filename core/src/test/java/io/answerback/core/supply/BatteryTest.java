package io.answerback.core.supply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.supply.battery.BatteryWear;
import io.answerback.core.supply.battery.LeadAcid;
import io.answerback.core.supply.battery.Recharge;
import io.answerback.core.supply.battery.SupplyCurrent;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Batteries worked by hand, and what holds of any.
class BatteryTest {
    @Test
    void atTheTwentyHourRateABatteryGivesItsRating() {
        assertThat(LeadAcid.hours(7, 0.35)).isCloseTo(20, within(1e-12));
        // slower does not make more of it
        assertThat(LeadAcid.hours(7, 0.07)).isCloseTo(100, within(1e-12));
    }

    @Test
    void fasterTakesMoreThanItsShare() {
        // 7 Ah at 1.4 A: 20 · (7 / 28)^1.15 = 4.0616 h, and not 5
        assertThat(LeadAcid.hours(7, 1.4)).isCloseTo(20 * Math.pow(0.25, 1.15), within(1e-12));
        assertThat(LeadAcid.hours(7, 1.4)).isCloseTo(4.061, within(0.001));
    }

    @ParameterizedTest
    @CsvSource({"25, 1", "40, 1", "12.5, 0.925", "0, 0.85", "-10, 0.75", "-20, 0.65"})
    void coldTakesItsShare(double celsius, double share) {
        assertThat(LeadAcid.temperatureShare(celsius)).isCloseTo(share, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource({"-30, 0.55", "-40, 0.45"})
    void farBelowFreezingItIsHalf(double celsius, double share) {
        assertThat(LeadAcid.temperatureShare(celsius)).isCloseTo(share, within(1e-12));
    }

    @Test
    void withoutACurrentItLastsForEver() {
        assertThat(LeadAcid.hours(7, 0)).isInfinite();
    }

    /// The points the curve is drawn through, halves between them, and on below where the rating ends: 0.6 V for each
    /// twentieth.
    @ParameterizedTest
    @CsvSource({
        "-0.2, 12.9",
        "0, 12.9",
        "0.05, 12.8",
        "0.1, 12.7",
        "0.2, 12.575",
        "0.4, 12.325",
        "0.6, 12.05",
        "0.85, 11.55",
        "0.9, 11.325",
        "1, 10.5",
        "1.05, 9.9",
        "1.5, 4.5",
        "1.875, 0",
        "2, 0"
    })
    void theVoltageFallsAsItIsUsedUp(double used, double volts) {
        assertThat(LeadAcid.volts(used)).isCloseTo(volts, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"13.65, 0", "12.9, 0", "12.45, 0.3", "11.9, 0.7", "10.5, 1", "9.6, 1.075", "4.5, 1.5"})
    void theVoltageTellsWhatIsUsedUp(double volts, double used) {
        assertThat(LeadAcid.usedAt(volts)).isCloseTo(used, within(1e-9));
    }

    @Test
    void outsideWhatIsKnownOfColdIsRefused() {
        assertThatThrownBy(() -> LeadAcid.temperatureShare(-41)).hasMessageContaining("from −40 °C on");
        assertThatThrownBy(() -> LeadAcid.temperatureShare(Double.NaN)).hasMessageContaining("outside what is known");
    }

    @Test
    void aColdOldBatteryOnAGradedJob() {
        // 17 Ah at −5 °C, at the end of its life, 1.25 kept back: 17 · 0.80 · 0.8 / 1.25 = 8.704 Ah.
        // A quarter of an hour of 1.2 A takes 0.25 / (20 · (8.704 / 24)^1.15) = 0.04013 of it;
        // 0.2 A is slower than over 20 h: 43.52 h, of which 0.95987 are left.
        double usable = BatteryWear.designed(-5).usable(17);
        assertThat(usable).isCloseTo(8.704, within(1e-12));
        SupplyCurrent draw = new SupplyCurrent(0.2, 1.2, 0.25);
        assertThat(draw.alarmShare(usable)).isCloseTo(0.25 / (20 * Math.pow(8.704 / 24, 1.15)), within(1e-12));
        assertThat(draw.standbyHours(usable)).isCloseTo(41.77, within(0.01));
    }

    @Test
    void aBatteryThatDoesNotCarryTheAlarmReachesNoStandby() {
        assertThat(new SupplyCurrent(0.1, 10, 1).standbyHours(2)).isZero();
    }

    @Test
    void loadsBeyondAnyBatteryAreSaid() {
        assertThatThrownBy(() -> new SupplyCurrent(9999, 9999, 100).requiredAmpHours(240))
                .hasMessageContaining("no battery carries 9999.0 A for 240 h");
        assertThatThrownBy(() -> new SupplyCurrent(-1, 0, 0)).hasMessageContaining("quiescent current");
    }

    @Test
    void rechargeIsChargeThenTaper() {
        // 7 Ah at 0.7 A, 90 % kept: 11.11 h for all of it, 8.89 h to 80 %, then 0.2 · 11.11 · ln 10 more
        Recharge recharge = Recharge.of(7, 0.7);
        assertThat(recharge.hoursTo80()).isCloseTo(8.889, within(0.001));
        assertThat(recharge.hoursToFull()).isCloseTo(8.889 + 2.2222 * Math.log(10), within(0.001));
        assertThat(Recharge.of(7, 0).hoursTo80()).isInfinite();
    }

    /// Whatever the load and the rule, the battery that is asked for just reaches it.
    @Property
    void whatIsRequiredIsJustEnough(
            @ForAll @DoubleRange(min = 0.01, max = 5) double standby,
            @ForAll @DoubleRange(min = 0.01, max = 10) double alarm,
            @ForAll @DoubleRange(min = 0, max = 2) double alarmHours,
            @ForAll @DoubleRange(min = 1, max = 72) double hours) {
        SupplyCurrent draw = new SupplyCurrent(standby, alarm, alarmHours);
        double required = draw.requiredAmpHours(hours);
        assertThat(draw.standbyHours(required)).isCloseTo(hours, within(1e-6 * hours));
        assertThat(draw.standbyHours(required * 0.99)).isLessThan(hours);
    }

    /// The curve falls, and its inverse leads back.
    @Property
    void theCurveFallsAndLeadsBack(@ForAll @DoubleRange(min = 0, max = 1) double used) {
        double volts = LeadAcid.volts(used);
        assertThat(volts).isBetween(10.5, 12.9);
        assertThat(LeadAcid.usedAt(volts)).isCloseTo(used, within(1e-9));
    }
}
