package io.answerback.core.loop.scheme;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.loop.BandChart;
import io.answerback.core.loop.CaseReading;
import io.answerback.core.loop.CheckedFaults;
import io.answerback.core.loop.LoopCheck;
import io.answerback.core.loop.LoopNetwork;
import io.answerback.core.loop.LoopResult;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.profile.Band;
import io.answerback.core.model.profile.InputModel;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.SchemeBands;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.core.testing.SmallBands;
import io.answerback.core.testing.SmallJob;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/// Several devices on one loop, relays that drop, bands in volts, and what holds for every scheme.
class FittedLoopTest {
    private static final LoopWiring WIRING = SmallJob.wiring().withSecondOhms(10_000);

    private static FittedLoop loop(SchemeKind scheme, int contacts, boolean relays) {
        SupplyLoss loss = relays ? SupplyLoss.CONTACT_CHANGES : SupplyLoss.NO_SUPPLY;
        return new FittedLoop(WIRING.withScheme(scheme), contacts, loss, SmallJob.cable("01"));
    }

    private static double nominal(FittedLoop loop, DeviceState device) {
        return LoopNetwork.of(loop, LoopCase.sound(device)).ohms(Extreme.NOMINAL);
    }

    @Test
    void contactsThatOpenStandInSeries() {
        // 18.4 + 3 · 0.2 + 2200
        assertThat(nominal(loop(SchemeKind.SINGLE_END_OF_LINE, 3, false), DeviceState.AT_REST))
                .isCloseTo(2219, within(1e-9));
        assertThat(nominal(loop(SchemeKind.SINGLE_END_OF_LINE, 3, false), DeviceState.ACTIVE))
                .isInfinite();
    }

    @Test
    void contactsThatCloseStandSideBySide() {
        // 18.4 + 0.2 for one, 18.4 + 0.2 / 3 for all three
        FittedLoop loop = loop(SchemeKind.NORMALLY_OPEN, 3, false);
        assertThat(nominal(loop, DeviceState.AT_REST)).isInfinite();
        assertThat(nominal(loop, DeviceState.ACTIVE)).isCloseTo(18.6, within(1e-9));
        assertThat(nominal(loop, DeviceState.ALL_ACTIVE)).isCloseTo(18.4 + 0.2 / 3, within(1e-9));
    }

    @Test
    void eachOpenContactOfADoubleEndOfLineAddsItsResistorUntilTheBandIsLeft() {
        FittedLoop loop = loop(SchemeKind.DOUBLE_END_OF_LINE, 2, false);
        // 18.4 + 2 · 0.2 + 0.2 ∥ 4700 + 4700 + 2200, then 18.4 + 0.4 + 2 · 4700 + 2200 = 11 618.8, past the alarm band
        assertThat(nominal(loop, DeviceState.ACTIVE)).isCloseTo(6919, within(0.01));
        LoopResult result = LoopCheck.check(loop, SmallJob.chart(SmallBands.DOUBLE), new CheckedFaults(12_000));
        assertThat(result.unsafe())
                .extracting(reading -> reading.loopCase().device())
                .containsExactly(DeviceState.ALL_ACTIVE);
    }

    /// Of a detector and two contacts on one loop only the detector's relay drops.
    @Test
    void onlyWhatTakesASupplyDropsWithIt() {
        FittedLoop mixed = new FittedLoop(
                WIRING.withScheme(SchemeKind.TRIPLE_END_OF_LINE),
                3,
                1,
                SupplyLoss.CONTACT_CHANGES,
                SmallJob.cable("01"));
        // 18.4 + 3 · 0.2 (covers) + 4700 ∥ open + 2 · 0.2 + 10000 + 2 · 0.2 + 2200
        assertThat(nominal(mixed, DeviceState.UNPOWERED)).isCloseTo(16_919.8, within(0.1));
        assertThat(nominal(mixed, DeviceState.ALL_ACTIVE)).isGreaterThan(3 * 4700);
    }

    @Test
    void relaysWithoutSupplyDropAndAreNoticed() {
        FittedLoop loop = loop(SchemeKind.TRIPLE_END_OF_LINE, 1, true);
        // both relays open: 18.4 + 0.2 + 4700 + 10000 + 2200
        CaseReading dropped = LoopCheck.check(loop, SmallJob.chart(SmallBands.TRIPLE), new CheckedFaults(12_000))
                .byId("unpowered")
                .orElseThrow();
        assertThat(dropped.range().nominalOhms()).isCloseTo(16_918.6, within(0.01));
        assertThat(dropped.safe()).isTrue();
    }

    @Test
    void quietTwoWireDetectorsAddUp() {
        // 18.4 + 2200 ∥ 10000 / 4
        assertThat(nominal(loop(SchemeKind.TWO_WIRE_SMOKE, 4, false), DeviceState.AT_REST))
                .isCloseTo(18.4 + 1 / (1 / 2200.0 + 4 / 10_000.0), within(1e-9));
    }

    @Test
    void bandsInVoltsAreReadAndMeasuredInVolts() {
        // 5 V through 4k7: 2218.8 Ω is 1.603 V, in the middle of 1.2 to 2.0 V but for 3 mV
        SchemeBands bands = SchemeBands.of(
                SchemeKind.SINGLE_END_OF_LINE,
                2200,
                0,
                UnusedTermination.RESISTOR,
                List.of(
                        Band.ofVolts(0, 0.8, Meaning.TAMPER),
                        Band.ofVolts(1.2, 2.0, Meaning.NORMAL),
                        Band.ofVolts(2.6, 5, Meaning.ALARM)));
        BandChart chart = BandChart.of(bands, new InputModel(5, 4700, List.of(bands)));
        assertThat(chart.reads(2218.8)).contains(Meaning.NORMAL);
        assertThat(chart.margin(new Range(2218.8, 2218.8, 2218.8))).isCloseTo((2.0 - 1.60346) / 0.4, within(1e-3));
        // 0.8 V is 4700 · 0.8 / 4.2 = 895.2 Ω
        assertThat(chart.bands().getFirst().high()).isCloseTo(895.24, within(0.01));
        assertThat(chart.reads(Double.POSITIVE_INFINITY)).contains(Meaning.ALARM);
    }

    /// Rayleigh: whatever part gains resistance, no state of any scheme loses any.
    @Property
    void moreResistanceAnywhereNeverLowersTheTotal(
            @ForAll SchemeKind scheme,
            @ForAll @IntRange(min = 1, max = 5) int contacts,
            @ForAll @DoubleRange(min = 0, max = 5000) double more,
            @ForAll @IntRange(min = 0, max = 3) int which) {
        FittedLoop loop = loop(scheme, contacts, true);
        LoopWiring wiring = loop.wiring();
        FittedLoop bigger = switch (which) {
            case 0 -> loop.withWiring(wiring.withEndOfLineOhms(wiring.endOfLineOhms() + more));
            case 1 -> loop.withWiring(wiring.withAlarmOhms(wiring.alarmOhms() + more));
            case 2 -> loop.withWiring(wiring.withSecondOhms(wiring.secondOhms() + more));
            default -> loop.withCable(loop.cable().withMetres(loop.cable().metres() + more));
        };
        for (LoopCase loopCase : new CheckedFaults(12_000).cases(loop)) {
            for (Extreme extreme : Extreme.values()) {
                double before = LoopNetwork.of(loop, loopCase).ohms(extreme);
                double after = LoopNetwork.of(bigger, loopCase).ohms(extreme);
                assertThat(after).as(loopCase.id()).isGreaterThanOrEqualTo(before * (1 - 1e-12));
            }
        }
    }

    /// An open cover breaks the loop whatever else the detector does, so no other state is combined with it.
    @Test
    void anOpenCoverBreaksTheLoopByItself() {
        for (SchemeKind scheme : List.of(SchemeKind.DOUBLE_END_OF_LINE, SchemeKind.TRIPLE_END_OF_LINE)) {
            FittedLoop loop = loop(scheme, 2, false);
            assertThat(Contacts.covers(loop, DeviceState.COVER_OFF).ohms(Extreme.LOW))
                    .isInfinite();
            assertThat(nominal(loop, DeviceState.COVER_OFF)).isInfinite();
        }
    }

    @Test
    void everyCaseHasAnIdOfItsOwn() {
        for (SchemeKind scheme : SchemeKind.values()) {
            assertThat(new CheckedFaults(12_000).cases(loop(scheme, 3, true)))
                    .extracting(LoopCase::id)
                    .doesNotHaveDuplicates();
        }
    }
}
