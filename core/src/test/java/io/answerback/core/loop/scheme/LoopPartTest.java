package io.answerback.core.loop.scheme;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.loop.scheme.LoopPart.Contact;
import io.answerback.core.loop.scheme.LoopPart.Copper;
import io.answerback.core.loop.scheme.LoopPart.Cut;
import io.answerback.core.loop.scheme.LoopPart.Leak;
import io.answerback.core.loop.scheme.LoopPart.Parallel;
import io.answerback.core.loop.scheme.LoopPart.Resistor;
import io.answerback.core.loop.scheme.LoopPart.Series;
import io.answerback.core.loop.scheme.LoopPart.Short;
import io.answerback.core.testing.NodalSolver;
import io.answerback.core.testing.SmallJob;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class LoopPartTest {
    @Test
    void cableOf62MetresIsThereAndBackAndWarmsUp() {
        var cable = new Copper(62, SmallJob.THIN, -25, 35);
        // 2 · 62 m · 0.092 Ω/m = 11.408 Ω at 20 °C; × (1 − 0.00393 · 45) at −25 °C; × (1 + 0.00393 · 15) at 35 °C
        assertThat(cable.ohms(Extreme.NOMINAL)).isCloseTo(11.408, within(1e-9));
        assertThat(cable.ohms(Extreme.LOW)).isCloseTo(11.408 * 0.82315, within(1e-9));
        assertThat(cable.ohms(Extreme.HIGH)).isCloseTo(11.408 * 1.05895, within(1e-9));
    }

    @Test
    void cableThatNeverReaches20DegreesIsNominalAtItsNearest() {
        var cable = new Copper(100, SmallJob.THIN, -25, -15);
        assertThat(cable.ohms(Extreme.NOMINAL)).isEqualTo(cable.ohms(Extreme.HIGH));
    }

    @Test
    void twelveKilohmsAcross2k2Is1859Ohms() {
        // 12000 · 2200 / 14200 = 1859.15
        var damp = Parallel.of(new Leak(12_000), new Resistor(2200, 0));
        assertThat(damp.ohms(Extreme.NOMINAL)).isCloseTo(1859.1549, within(1e-4));
    }

    @Test
    void openAndShortBehaveAtTheLimits() {
        assertThat(Series.of(new Resistor(2200, 1), new Cut()).range().open()).isTrue();
        assertThat(Parallel.of(new Resistor(2200, 1), new Cut()).ohms(Extreme.HIGH))
                .isCloseTo(2222, within(1e-9));
        assertThat(Parallel.of(new Resistor(2200, 1), new Short()).ohms(Extreme.HIGH))
                .isZero();
        assertThat(new Contact(0.2, false).ohms(Extreme.LOW)).isInfinite();
    }

    @Test
    void badFiguresAreRefusedByName() {
        assertThatThrownBy(() -> new Resistor(-1, 1)).hasMessageContaining("resistor in ohms is -1");
        assertThatThrownBy(() -> new Copper(10, SmallJob.THIN, 30, 20)).hasMessageContaining("hottest temperature");
        assertThatThrownBy(() -> new Leak(Double.NaN)).hasMessageContaining("leak in ohms");
    }

    @Property
    void extremesAreInOrder(@ForAll("networks") LoopPart network) {
        assertThat(network.ohms(Extreme.LOW)).isLessThanOrEqualTo(network.ohms(Extreme.NOMINAL) + 1e-9);
        assertThat(network.ohms(Extreme.NOMINAL)).isLessThanOrEqualTo(network.ohms(Extreme.HIGH) + 1e-9);
    }

    /// Rayleigh: raising one element never lowers the whole.
    @Property
    void raisingAnyPartNeverLowersTheWhole(
            @ForAll("networks") LoopPart network,
            @ForAll Random random,
            @ForAll @DoubleRange(min = 0, max = 5000) double more) {
        int parts = count(network);
        LoopPart raised = raise(network, random.nextInt(parts), more, new int[] {0});
        for (Extreme extreme : Extreme.values()) {
            assertThat(raised.ohms(extreme)).isGreaterThanOrEqualTo(network.ohms(extreme) * (1 - 1e-12));
        }
    }

    @Property
    void agreesWithNodalAnalysis(@ForAll("networks") LoopPart network) {
        for (Extreme extreme : Extreme.values()) {
            double ohms = network.ohms(extreme);
            double oracle = NodalSolver.ohms(network, extreme);
            if (ohms > 1e7) {
                assertThat(oracle).isGreaterThan(1e7);
            } else {
                assertThat(oracle).isCloseTo(ohms, within(0.01 + ohms * 1e-3));
            }
        }
    }

    @Provide
    Arbitrary<LoopPart> networks() {
        return Arbitraries.lazyOf(this::resistors, this::resistors, this::contacts, this::cables, this::combined);
    }

    private Arbitrary<LoopPart> resistors() {
        return Arbitraries.doubles().between(10, 20_000).map(ohms -> new Resistor(ohms, 5));
    }

    private Arbitrary<LoopPart> contacts() {
        return Arbitraries.of(true, false).map(closed -> new Contact(0.5, closed));
    }

    private Arbitrary<LoopPart> cables() {
        return Arbitraries.doubles().between(1, 500).map(metres -> new Copper(metres, SmallJob.THIN, -20, 40));
    }

    private Arbitrary<LoopPart> combined() {
        Arbitrary<List<LoopPart>> several = networks().list().ofMinSize(1).ofMaxSize(3);
        return Arbitraries.oneOf(several.map(Series::new), several.map(Parallel::new));
    }

    private static int count(LoopPart part) {
        return switch (part) {
            case Series series ->
                series.parts().stream().mapToInt(LoopPartTest::count).sum();
            case Parallel parallel ->
                parallel.parts().stream().mapToInt(LoopPartTest::count).sum();
            default -> 1;
        };
    }

    /// The same network with `more` ohms in series with its `target`-th element.
    private static LoopPart raise(LoopPart part, int target, double more, int[] at) {
        return switch (part) {
            case Series series -> new Series(all(series.parts(), target, more, at));
            case Parallel parallel -> new Parallel(all(parallel.parts(), target, more, at));
            default -> at[0]++ == target ? Series.of(part, new Resistor(more, 0)) : part;
        };
    }

    private static List<LoopPart> all(List<LoopPart> parts, int target, double more, int[] at) {
        List<LoopPart> raised = new ArrayList<>();
        parts.forEach(part -> raised.add(raise(part, target, more, at)));
        return raised;
    }
}
