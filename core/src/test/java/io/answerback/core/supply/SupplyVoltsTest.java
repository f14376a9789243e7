package io.answerback.core.supply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.model.device.LoadType;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/// Trees worked by hand, and what holds of any tree.
class SupplyVoltsTest {
    private static SupplyNode node(String name, double ohms, LoadType loadType, double amps, SupplyNode... onward) {
        return new SupplyNode(
                name,
                Optional.of(new CableId(name)),
                ohms,
                List.of(new SupplyNode.Load(new PointId(name), loadType, amps)),
                List.of(onward));
    }

    private static SupplyNode output(SupplyNode... onward) {
        return new SupplyNode("output", Optional.empty(), 0, List.of(), List.of(onward));
    }

    private static Optional<CableId> place(String name) {
        return Optional.of(new CableId(name));
    }

    private static double volts(SupplyNode root, double source, String place) {
        return SupplyVolts.solve(root, source).at().get(place(place));
    }

    @Test
    void aDetectorAtTheEndOfItsCable() {
        // 100 m of 92 Ω/km, there and back 18.4 Ω, 20 mA: 0.368 V
        SupplyNode root = output(node("a", 18.4, LoadType.CONSTANT_CURRENT, 0.02));
        assertThat(volts(root, 10.5, "a")).isCloseTo(10.132, within(1e-9));
    }

    @Test
    void twoDetectorsInARowShareTheFirstCable() {
        // the first cable carries both: 12 − 10 · 0.05 = 11.5; then 11.5 − 20 · 0.02 = 11.1
        SupplyNode root =
                output(node("a", 10, LoadType.CONSTANT_CURRENT, 0.03, node("b", 20, LoadType.CONSTANT_CURRENT, 0.02)));
        assertThat(volts(root, 12, "a")).isCloseTo(11.5, within(1e-9));
        assertThat(volts(root, 12, "b")).isCloseTo(11.1, within(1e-9));
    }

    @Test
    void aResistiveSounderIsADivider() {
        // 0.4 A at 12 V is 30 Ω; behind 3 Ω of cable it gets 12 · 30/33
        SupplyNode root = output(node("s", 3, LoadType.RESISTIVE, 0.4));
        assertThat(volts(root, 12, "s")).isCloseTo(12 * 30 / 33.0, within(1e-9));
    }

    @Test
    void constantPowerTakesTheUpperOfTwoVolts() {
        // 6 W behind 4 Ω from 12 V: V² − 12 V + 24 = 0, so 6 ± √12
        SupplyNode root = output(node("k", 4, LoadType.CONSTANT_POWER, 0.5));
        assertThat(volts(root, 12, "k")).isCloseTo(6 + Math.sqrt(12), within(1e-8));
    }

    @Test
    void constantPowerBeyondWhatTheCableCanGiveCollapses() {
        // the most 12 V can give through 4 Ω is 12² / 16 = 9 W; 9.6 W is asked for
        SupplyVolts volts = SupplyVolts.solve(output(node("k", 4, LoadType.CONSTANT_POWER, 0.8)), 12);
        assertThat(volts.holds()).isFalse();
        assertThat(volts.collapsedAt()).containsExactly("k");
        assertThat(volts.at()).containsOnlyKeys(Optional.<CableId>empty());
    }

    @Test
    void moreCurrentThanTheCableLetsThroughCollapsesToo() {
        // 0.8 A through 20 Ω would be 16 V
        assertThat(SupplyVolts.solve(output(node("d", 20, LoadType.CONSTANT_CURRENT, 0.8)), 12)
                        .collapsedAt())
                .containsExactly("d");
    }

    @Test
    void aBranchThatCollapsesTakesNothingFromItsHealthyNeighbours() {
        // 20 Ω · 0.1 A from 12 V beside a branch that asks 9.6 W through 4 Ω
        SupplyNode root =
                output(node("good", 20, LoadType.CONSTANT_CURRENT, 0.1), node("bad", 4, LoadType.CONSTANT_POWER, 0.8));
        SupplyVolts volts = SupplyVolts.solve(root, 12);
        assertThat(volts.collapsedAt()).containsExactly("bad");
        assertThat(volts.at().get(place("good"))).isCloseTo(10, within(1e-9));
        assertThat(volts.at()).doesNotContainKey(place("bad"));
    }

    @Test
    void whatHangsBehindACollapsedPlaceIsGoneWithIt() {
        SupplyNode root = output(node(
                "trunk",
                1,
                LoadType.CONSTANT_CURRENT,
                0.1,
                node("end", 20, LoadType.CONSTANT_CURRENT, 0.8, node("further", 1, LoadType.RESISTIVE, 0.1))));
        SupplyVolts volts = SupplyVolts.solve(root, 12);
        assertThat(volts.collapsedAt()).containsExactly("end");
        // the trunk keeps its own 0.1 A through 1 Ω
        assertThat(volts.at().get(place("trunk"))).isCloseTo(11.9, within(1e-9));
        assertThat(volts.at()).doesNotContainKeys(place("end"), place("further"));
    }

    /// In any chain that holds, what flows into each cable is what everything behind it takes (Kirchhoff), and
    /// volts never rise outwards.
    @Property
    void currentsAddUpAndVoltsFall(
            @ForAll @Size(min = 1, max = 20) List<@DoubleRange(min = 0, max = 6) Double> ohms,
            @ForAll @Size(min = 20, max = 20) List<@DoubleRange(min = 0, max = 0.05) Double> amps,
            @ForAll @Size(min = 20, max = 20) List<@IntRange(max = 2) Integer> laws) {
        List<SupplyNode> chain = new ArrayList<>();
        SupplyNode next = null;
        for (int i = ohms.size() - 1; i >= 0; i--) {
            LoadType loadType = LoadType.values()[laws.get(i)];
            next = next == null
                    ? node("n" + i, ohms.get(i), loadType, amps.get(i))
                    : node("n" + i, ohms.get(i), loadType, amps.get(i), next);
            chain.addFirst(next);
        }
        SupplyVolts volts = SupplyVolts.solve(output(next), 12);
        if (!volts.holds()) {
            return;
        }
        double behind = 0;
        for (int i = chain.size() - 1; i >= 0; i--) {
            SupplyNode node = chain.get(i);
            double here = volts.at().get(node.cableId());
            double before = i == 0 ? 12 : volts.at().get(chain.get(i - 1).cableId());
            behind += node.loads().getFirst().ampsAt(here);
            assertThat(before - here).isCloseTo(behind * node.ohms(), within(1e-7));
            assertThat(here).isLessThanOrEqualTo(before + 1e-12);
        }
    }

    @Test
    void threeHundredPlacesAreSolved() {
        SupplyNode chain = node("n299", 0.02, LoadType.CONSTANT_POWER, 0.001);
        for (int i = 298; i >= 0; i--) {
            chain = node("n" + i, 0.02, LoadType.values()[i % 3], 0.001, chain);
        }
        assertThat(SupplyVolts.solve(output(chain), 12).at()).hasSize(301);
    }
}
