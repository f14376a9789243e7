package io.answerback.core.loop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.core.testing.SmallBands;
import io.answerback.core.testing.SmallJob;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class LoopLimitsTest {
    private static final Conductor THICK = new Conductor("0.5 mm²", 36);
    private static final Conductor HAIR = new Conductor("hair", 1900);
    private static final LoopWiring WIRING = SmallJob.wiring();
    private static final Cable CABLE = SmallJob.cable("01");

    private static LoopLimits limits(LoopWiring wiring, Cable cable) {
        return LoopLimits.of(
                        FittedLoop.of(wiring, cable),
                        SmallJob.chart(SmallBands.DOUBLE),
                        List.of(THICK, SmallJob.THIN, HAIR))
                .orElseThrow();
    }

    @Test
    void eachLimitIsWhereItsWorstCaseMeetsAnEdge() {
        LoopLimits limits = limits(WIRING, CABLE);
        // shut at most 2200 · 1.01 + 0.4 Ω of contacts + 0.184 Ω a metre = 2950 Ω: (2950 − 2222.4) / 0.184 = 3954 m
        assertThat(limits.longestMetres()).isCloseTo(3954.3, within(1.0));
        // shut at most 2200 · (1 + t) + 0.4 + 18.4 = 2950: t = 33 %; shut at least 2200 · (1 − t) + 18.4 = 1550: 30.4
        // %;
        // open at least 6900 · (1 − t) + 18.4 = 4900: 29.3 %, so none of them gives before the 20 % that is asked for
        assertThat(limits.loosestTolerancePercent()).isEqualTo(20);
        // at the panel's end of the cable, open at least (6900 · 0.99 + 18.4) ∥ L = 4900: L = 4900 · 6849.4 / 1949.4 =
        // 17 216 Ω; the cover opened must read 13 000, so L = 13 000; the first gives at 17 216
        assertThat(limits.leastLeakOhms()).isCloseTo(17_216, within(20.0));
        // (2950 − 2222 − 0.4 − 18.4) / 0.2 = 3546, more than are counted
        assertThat(limits.mostContacts()).isEqualTo(999);
        assertThat(limits.hottestCelsius()).isEqualTo(120);
        assertThat(limits.coldestCelsius()).isEqualTo(-60);
        // 100 m of 1900 Ω/km is 380 Ω: 2222.4 + 380 still fits
        assertThat(limits.thinnest()).contains(HAIR);
    }

    @Test
    void theLongestCableIsTheOneTheCheckFinds() {
        double checked = check(WIRING, CABLE).longestMetres().orElseThrow();
        assertThat(limits(WIRING, CABLE).longestMetres()).isCloseTo(checked, within(0.02));
    }

    @Test
    void whatMayGrowByTheSmallerFactorGivesFirst() {
        // 3954 m of 100 m; the tolerance reaches the 20 % that is tried at most
        assertThat(limits(WIRING, CABLE).givesFirst(FittedLoop.of(WIRING, CABLE)))
                .contains("cable");
        // 2k7 of ±5 %: 588 m of 62 m, but 8.8 % of 5 %
        LoopWiring close = WIRING.withEndOfLineOhms(2700).withTolerancePercent(5);
        Cable shorter = CABLE.withMetres(62);
        assertThat(limits(close, shorter).givesFirst(FittedLoop.of(close, shorter)))
                .contains("resistors' tolerance");
    }

    @Test
    void aLoopThatIsNotSafeHasNoLimits() {
        assertThat(LoopLimits.of(
                        FittedLoop.of(WIRING.withEndOfLineOhms(4700), CABLE),
                        SmallJob.chart(SmallBands.DOUBLE),
                        List.of(THICK)))
                .isEmpty();
    }

    /// At its limit a loop is safe, and just beyond it is not.
    @Property(tries = 100)
    void justBeyondALimitALoopIsNotSafe(
            @ForAll @DoubleRange(min = 1700, max = 2700) double endOfLineOhms,
            @ForAll @DoubleRange(min = 1, max = 900) double metres) {
        LoopWiring wiring = WIRING.withEndOfLineOhms(endOfLineOhms);
        Cable cable = CABLE.withMetres(metres);
        var found = LoopLimits.of(FittedLoop.of(wiring, cable), SmallJob.chart(SmallBands.DOUBLE), List.of(THICK));
        assertThat(found.isPresent()).isEqualTo(safe(wiring, cable));
        found.ifPresent(limits -> {
            assertThat(safe(wiring, cable.withMetres(limits.longestMetres() * 0.9999)))
                    .isTrue();
            assertThat(safe(wiring, cable.withMetres(limits.longestMetres() * 1.0001)))
                    .isFalse();
            // a looser one than 20 % cannot be given to a loop at all
            if (limits.loosestTolerancePercent() * 1.0001 < 20) {
                assertThat(safe(wiring.withTolerancePercent(limits.loosestTolerancePercent() * 0.9999), cable))
                        .isTrue();
                assertThat(safe(wiring.withTolerancePercent(limits.loosestTolerancePercent() * 1.0001), cable))
                        .isFalse();
            }
        });
    }

    private static LoopResult check(LoopWiring wiring, Cable cable) {
        return LoopCheck.check(
                FittedLoop.of(wiring, cable), SmallJob.chart(SmallBands.DOUBLE), new CheckedFaults(12_000));
    }

    private static boolean safe(LoopWiring wiring, Cable cable) {
        return check(wiring, cable).unsafe().isEmpty();
    }
}
