package io.answerback.core.loop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.Extreme;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.LoopCase;
import io.answerback.core.loop.scheme.SupplyLoss;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.SchemeBands;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.core.testing.SmallBands;
import io.answerback.core.testing.SmallJob;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/// What a loop shows when its detectors lose their supply, by the form of their contact and the scheme.
class SupplyLossTest {
    private static final CheckedFaults TRIAL = new CheckedFaults(12_000);

    private static LoopResult check(SchemeKind scheme, SchemeBands bands, SupplyLoss loss) {
        return check(SmallJob.wiring().withScheme(scheme), bands, loss);
    }

    private static LoopResult check(LoopWiring wiring, SchemeBands bands, SupplyLoss loss) {
        return LoopCheck.check(
                new FittedLoop(wiring.withSupplyRelay(loss == SupplyLoss.LOOP_OPENS), 1, loss, SmallJob.cable("01")),
                SmallJob.chart(bands),
                TRIAL);
    }

    private static CaseReading unpowered(LoopResult result) {
        return result.byId("unpowered").orElseThrow();
    }

    @Test
    void aNormallyOpenContactStaysOpenAndReadsNormal() {
        LoopResult across = check(SchemeKind.END_OF_LINE_ACROSS, SmallBands.ACROSS, SupplyLoss.CONTACT_STAYS);
        // 18.4 + 2200, as at rest
        assertThat(unpowered(across).range().nominalOhms()).isCloseTo(2218.4, within(1e-9));
        assertThat(unpowered(across).reads()).contains(Meaning.NORMAL);
        assertThat(unpowered(across).safe()).isFalse();
        assertThat(across.supplyLossHidden()).isTrue();
        assertThat(check(SchemeKind.NORMALLY_OPEN, SmallBands.OPEN, SupplyLoss.CONTACT_STAYS)
                        .supplyLossHidden())
                .isTrue();
    }

    @Test
    void whatCannotBeMendedByValuesLimitsNoCable() {
        LoopResult across = check(SchemeKind.END_OF_LINE_ACROSS, SmallBands.ACROSS, SupplyLoss.CONTACT_STAYS);
        assertThat(across.longestMetres()).isPresent();
    }

    @Test
    void aContactThatChangesReadsAlarm() {
        LoopResult closed = check(SchemeKind.SINGLE_END_OF_LINE, SmallBands.SINGLE, SupplyLoss.CONTACT_CHANGES);
        assertThat(unpowered(closed).reads()).contains(Meaning.ALARM);
        LoopResult across = check(SchemeKind.END_OF_LINE_ACROSS, SmallBands.ACROSS, SupplyLoss.CONTACT_CHANGES);
        assertThat(unpowered(across).reads()).contains(Meaning.ALARM);
        assertThat(across.supplyLossHidden()).isFalse();
    }

    @Test
    void aRelayThatWatchesTheSupplyOpensTheLoopBeforeTheResistor() {
        LoopResult across = check(SchemeKind.END_OF_LINE_ACROSS, SmallBands.ACROSS, SupplyLoss.LOOP_OPENS);
        assertThat(unpowered(across).range().nominalOhms()).isInfinite();
        assertThat(unpowered(across).reads()).contains(Meaning.TAMPER);
        // its closed contact is in the loop: 18.4 + 0.2 + 2200
        assertThat(across.of(LoopCase.AT_REST).range().nominalOhms()).isCloseTo(2218.6, within(1e-9));
        // in a loop without a resistor it opens what is open already
        assertThat(check(SchemeKind.NORMALLY_OPEN, SmallBands.OPEN, SupplyLoss.LOOP_OPENS)
                        .supplyLossHidden())
                .isTrue();
    }

    @Test
    void moreCableMendsNoLoop() {
        // 1400 · 1.01 + 18.4 + 0.4 = 1432.8, below the normal band; 1 km more would bring it in
        LoopWiring low = SmallJob.wiring().withEndOfLineOhms(1400);
        LoopResult result = check(low, SmallBands.DOUBLE, SupplyLoss.NO_SUPPLY);
        assertThat(result.unsafe()).isNotEmpty();
        assertThat(result.longestMetres()).isEmpty();
    }

    @Test
    void aResistorInThePanelIsNotTheUnsafeReadingThatNearlyEveryLoopHas() {
        CaseReading inPanel = check(SchemeKind.DOUBLE_END_OF_LINE, SmallBands.DOUBLE, SupplyLoss.NO_SUPPLY)
                .byId("resistor-in-panel")
                .orElseThrow();
        assertThat(inPanel.safe()).isTrue();
        assertThat(inPanel.hidden()).isTrue();
    }

    /// Against the leak moved step by step along the cable, worked out here as a ladder of its own.
    @Property(tries = 200)
    void noPlaceOfALeakReadsLowerThanTheWorstOrHigherThanNone(
            @ForAll @DoubleRange(min = 100, max = 1e6) double leak,
            @ForAll @DoubleRange(min = 0, max = 1) double place,
            @ForAll boolean active) {
        FittedLoop loop =
                FittedLoop.of(SmallJob.wiring().withScheme(SchemeKind.SINGLE_END_OF_LINE), SmallJob.cable("01"));
        DeviceState device = active ? DeviceState.ACTIVE : DeviceState.AT_REST;
        double behind = active ? Double.POSITIVE_INFINITY : 18.4 * (1 - place) + 0.2 + 2200;
        double somewhere = 18.4 * place + 1 / (1 / leak + 1 / behind);
        double worst = LoopNetwork.withLeakAtWorst(loop, device, leak).ohms(Extreme.NOMINAL);
        double none = LoopNetwork.of(loop, LoopCase.sound(device)).ohms(Extreme.NOMINAL);
        assertThat(somewhere).isGreaterThanOrEqualTo(worst - 1e-9).isLessThanOrEqualTo(none + 1e-9);
    }

    @Test
    void besideAResistorInThePanelTheLeakIsOnTheCableOnly() {
        FittedLoop loop = FittedLoop.of(
                SmallJob.wiring().withScheme(SchemeKind.SINGLE_END_OF_LINE).withPlace(ResistorPlace.IN_PANEL),
                SmallJob.cable("01"));
        // 2200 + 1000 ∥ (18.4 + 0.2)
        assertThat(LoopNetwork.withLeakAtWorst(loop, DeviceState.AT_REST, 1000).ohms(Extreme.NOMINAL))
                .isCloseTo(2200 + 1 / (1 / 1000.0 + 1 / 18.6), within(1e-9));
    }
}
