package io.answerback.core.loop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.LoopCase;
import io.answerback.core.loop.scheme.Range;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.device.SchemeKind.Part;
import io.answerback.core.testing.SmallBands;
import io.answerback.core.testing.SmallJob;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/// One figure moved while all others stay, and one resistor changed for what is in the bag.
class LoopFigureTest {
    private static final FittedLoop LOOP = FittedLoop.of(SmallJob.wiring(), SmallJob.cable("01"));
    private static final BandChart CHART = SmallJob.chart(SmallBands.DOUBLE);
    private static final CheckedFaults TRIAL = new CheckedFaults(12_000);

    private static double gives(LoopFigure figure) {
        return figure.givesAt(LOOP, CHART).orElseThrow();
    }

    @Test
    void eachFigureGivesWhereTheSolvedLimitIs() {
        LoopLimits limits = LoopLimits.of(LOOP, CHART, List.of(SmallJob.THIN)).orElseThrow();
        assertThat(gives(LoopFigure.CABLE_LENGTH)).isCloseTo(limits.longestMetres(), within(0.01));
        assertThat(gives(LoopFigure.TOLERANCE)).isCloseTo(limits.loosestTolerancePercent(), within(0.01));
        assertThat(gives(LoopFigure.LEAK)).isCloseTo(limits.leastLeakOhms(), within(1.0));
        assertThat(gives(LoopFigure.HOTTEST)).isCloseTo(limits.hottestCelsius(), within(0.01));
        // shut at most 2240.8 + joint = 2950
        assertThat(gives(LoopFigure.JOINT)).isCloseTo(709.2, within(0.1));
    }

    @Test
    void aLoopThatDoesNotWorkGivesNowhere() {
        FittedLoop wrong = LOOP.withWiring(SmallJob.wiring().withEndOfLineOhms(4700));
        assertThat(LoopFigure.LEAK.givesAt(wrong, CHART)).isEmpty();
    }

    /// Wherever a slider stands, what it shows is what the loop would be if it were built so.
    @Property
    void aMovedLengthIsTheLoopOfThatLength(@ForAll @DoubleRange(min = 0, max = 9000) double metres) {
        LoopResult moved = LoopFigure.CABLE_LENGTH.moved(LOOP, CHART, TRIAL, metres);
        LoopResult built = LoopCheck.check(LOOP.withCable(LOOP.cable().withMetres(metres)), CHART, TRIAL);
        assertThat(moved.cases()).isEqualTo(built.cases());
    }

    @Test
    void aMovedLeakIsInEveryDeviceState() {
        LoopResult moved = LoopFigure.LEAK.moved(LOOP, CHART, TRIAL, 12_000);
        // at the panel's end, where it does most harm: 12000 ∥ 2218.8 and 12000 ∥ 6918.6
        assertThat(moved.of(LoopCase.AT_REST).range().nominalOhms()).isCloseTo(1872.6, within(0.1));
        assertThat(moved.of(LoopCase.ACTIVE).range().nominalOhms()).isCloseTo(4388.4, within(0.1));
        assertThat(moved.of(LoopCase.ACTIVE).safe()).isFalse();
    }

    @Test
    void whatIsInTheBagIsTriedInItsPlace() {
        assertThat(BagCheck.of(LOOP, CHART, Part.END_OF_LINE, 2700, 1).works()).isTrue();
        BagCheck wrong = BagCheck.of(LOOP, CHART, Part.END_OF_LINE, 4700, 5);
        assertThat(wrong.works()).isFalse();
        assertThat(wrong.margin()).isZero();
        assertThat(wrong.tightest().loopCase().device()).isEqualTo(DeviceState.AT_REST);
        // at rest 1550 to 2950: 1584 to 2920.8 Ω of ±1 % leave 1k6 and 2k7; open 4900 to 9500 holds for both
        Range works = BagCheck.working(LOOP, CHART, Part.END_OF_LINE, 1).orElseThrow();
        assertThat(works.lowOhms()).isEqualTo(1600);
        assertThat(works.highOhms()).isEqualTo(2700);
    }

    @Test
    void aPlaceTheSchemeDoesNotHaveIsRefused() {
        FittedLoop closed = LOOP.withWiring(SmallJob.wiring().withScheme(SchemeKind.CLOSED_LOOP));
        assertThatThrownBy(() -> BagCheck.of(closed, SmallJob.chart(SmallBands.CLOSED), Part.ALARM, 4700, 1))
                .hasMessageContaining("a closed loop has no such resistor");
    }
}
