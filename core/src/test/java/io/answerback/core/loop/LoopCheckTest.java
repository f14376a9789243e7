package io.answerback.core.loop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.LoopCase;
import io.answerback.core.loop.scheme.Range;
import io.answerback.core.model.cable.Cable;
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

class LoopCheckTest {
    private static final double DAMP_OHMS = 12_000;

    private static LoopResult check(LoopWiring wiring, SchemeBands bands) {
        return LoopCheck.check(
                FittedLoop.of(wiring, SmallJob.cable("01")), SmallJob.chart(bands), new CheckedFaults(DAMP_OHMS));
    }

    private static LoopResult check(LoopWiring wiring, Cable cable) {
        return LoopCheck.check(
                FittedLoop.of(wiring, cable), SmallJob.chart(SmallBands.DOUBLE), new CheckedFaults(DAMP_OHMS));
    }

    private static CaseReading reading(LoopResult result, String id) {
        return result.byId(id).orElseThrow();
    }

    @Test
    void doubleEndOfLineAtRestIs2200PlusCablePlusTwoContacts() {
        Range range =
                check(SmallJob.wiring(), SmallBands.DOUBLE).of(LoopCase.AT_REST).range();
        // low: 2200 · 0.99 + 18.4 + 0 = 2196.4; high: 2200 · 1.01 + 18.4 + 0.2 + 0.2 ∥ 4747 ≈ 2240.8
        assertThat(range.lowOhms()).isCloseTo(2196.4, within(1e-6));
        assertThat(range.highOhms()).isCloseTo(2240.8, within(1e-3));
    }

    @Test
    void doubleEndOfLineTellsEveryDeviceStateAndCableFaultApart() {
        LoopResult result = check(SmallJob.wiring(), SmallBands.DOUBLE);
        assertThat(reading(result, "active").reads()).contains(Meaning.ALARM);
        assertThat(reading(result, "cover-off").reads()).contains(Meaning.TAMPER);
        assertThat(reading(result, "cable-cut").reads()).contains(Meaning.TAMPER);
        assertThat(reading(result, "short-at-device").reads()).contains(Meaning.TAMPER);
        assertThat(reading(result, "short-at-panel").reads()).contains(Meaning.TAMPER);
        assertThat(reading(result, "no-resistor").reads()).contains(Meaning.TAMPER);
        assertThat(result.unsafe()).isEmpty();
        // with the resistor at the panel nothing tells, until the cable is shorted
        assertThat(result.hidden())
                .extracting(reading -> reading.loopCase().id())
                .containsExactly("resistor-in-panel");
    }

    @Test
    void dampJointHidesAtRestAndFallsBetweenBandsWhenActive() {
        LoopResult result = check(SmallJob.wiring(), SmallBands.DOUBLE);
        assertThat(reading(result, "damp-at-rest").reads()).contains(Meaning.NORMAL);
        // 12000 ∥ 6900 = 4381 Ω, below the alarm band's 4900 Ω
        assertThat(reading(result, "damp-active").reads()).isEmpty();
        assertThat(reading(result, "damp-active").safe()).isFalse();
    }

    @Test
    void closedLoopCannotSeeAShort() {
        LoopWiring wiring = SmallJob.wiring().withScheme(SchemeKind.CLOSED_LOOP);
        LoopResult result = check(wiring, SmallBands.CLOSED);
        assertThat(result.hidden())
                .extracting(reading -> reading.loopCase().id())
                .containsExactly("short-at-device", "short-halfway", "short-at-panel", "two-loops");
        assertThat(result.unsafe()).isEmpty();
    }

    @Test
    void resistorInThePanelMakesAShortInTheCableLookNormal() {
        LoopResult result = check(SmallJob.wiring().withPlace(ResistorPlace.IN_PANEL), SmallBands.DOUBLE);
        assertThat(result.hidden())
                .extracting(reading -> reading.loopCase().id())
                .contains("short-at-device", "short-at-panel");
    }

    @Test
    void singleEndOfLineReadsACutAsAlarmAndAShortAsTamper() {
        LoopResult result = check(SmallJob.wiring().withScheme(SchemeKind.SINGLE_END_OF_LINE), SmallBands.SINGLE);
        assertThat(reading(result, "cable-cut").reads()).contains(Meaning.ALARM);
        assertThat(reading(result, "short-at-device").reads()).contains(Meaning.TAMPER);
    }

    @Test
    void wrongResistorIsUnsafeAndAllowsNoCable() {
        LoopResult result = check(SmallJob.wiring().withEndOfLineOhms(4700), SmallBands.DOUBLE);
        assertThat(result.unsafe()).isNotEmpty();
        assertThat(result.leastMargin()).isZero();
        assertThat(result.longestMetres()).isEmpty();
    }

    @Test
    void longestCableIsWhereTheHighEndMeetsTheUpperEdge() {
        // at rest: (2950 − 2222.39999) / (2 · 0.092 Ω/m) = 3954.3 m
        assertThat(check(SmallJob.wiring(), SmallBands.DOUBLE).longestMetres().orElseThrow())
                .isCloseTo(3954.35, within(0.1));
    }

    /// At 5 km the state at rest reads 2200 + 2 · 92 · 5 = 3120 Ω, beyond the band's 2950 Ω; the length to come
    /// down to is the one it would have been told before.
    @Test
    void aLoopThatFailsByItsLengthAloneSaysWhichLengthWorks() {
        LoopWiring wiring = SmallJob.wiring();
        LoopResult result = check(wiring, SmallJob.cable("01").withMetres(5000));
        assertThat(result.unsafe()).isNotEmpty();
        assertThat(result.longestMetres().orElseThrow()).isCloseTo(3954.35, within(0.1));
    }

    @Property
    void atItsLongestALoopIsSafeAndALittleLongerItIsNot(
            @ForAll @DoubleRange(min = 1600, max = 2800) double endOfLine,
            @ForAll @DoubleRange(min = 0, max = 4) double tolerance) {
        LoopWiring wiring = SmallJob.wiring().withEndOfLineOhms(endOfLine).withTolerancePercent(tolerance);
        double longest = check(wiring, SmallBands.DOUBLE).longestMetres().orElse(0.0);
        if (longest > 0) {
            var at = SmallJob.cable("01").withMetres(longest);
            var beyond = SmallJob.cable("01").withMetres(longest + 0.05);
            assertThat(check(wiring, at).unsafe()).isEmpty();
            assertThat(check(wiring, beyond).unsafe()).isNotEmpty();
        }
    }

    @Property
    void aSafeStateStaysSafeWhenTheToleranceShrinks(
            @ForAll @DoubleRange(min = 1500, max = 3000) double endOfLine,
            @ForAll @DoubleRange(min = 0, max = 10) double wide,
            @ForAll @DoubleRange(min = 0, max = 1) double share) {
        LoopWiring loose = SmallJob.wiring().withEndOfLineOhms(endOfLine).withTolerancePercent(wide);
        LoopWiring close = loose.withTolerancePercent(wide * share);
        LoopResult before = check(loose, SmallBands.DOUBLE);
        LoopResult after = check(close, SmallBands.DOUBLE);
        for (int i = 0; i < before.deviceStates().size(); i++) {
            if (before.deviceStates().get(i).safe()) {
                assertThat(after.deviceStates().get(i).safe()).isTrue();
                assertThat(after.deviceStates().get(i).margin())
                        .isGreaterThanOrEqualTo(before.deviceStates().get(i).margin() - 1e-12);
            }
        }
    }
}
