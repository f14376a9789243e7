package io.answerback.core.capacity;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.device.KindFamily;
import io.answerback.core.device.PointKind;
import io.answerback.core.profile.BusRange;
import io.answerback.core.profile.BusRule;
import io.answerback.core.profile.InputModel;
import io.answerback.core.profile.ModuleKind;
import io.answerback.core.profile.ModuleKind.ReservedInput;
import io.answerback.core.profile.ModuleSort;
import io.answerback.core.site.Job;
import io.answerback.core.site.Panel;
import io.answerback.core.site.Point;
import io.answerback.core.testing.SmallCapacity;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallKinds;
import io.answerback.core.testing.SmallParts;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class CapacityOptionsTest {
    private static final ModuleKind BOARD = module("board", ModuleSort.BOARD, 2, 1, 0, 0, "");
    private static final ModuleKind PLUG = module("plug-4", ModuleSort.PLUG_IN, 4, 1, 0, 0, "");
    private static final ModuleKind BUS = module("bus-8", ModuleSort.BUS_EXPANDER, 8, 2, 1, 1, "");
    private static final ModuleKind OTHER_BAND = module("conv-q", ModuleSort.CONVERTER, 6, 2, 0, 1, "band Q");
    private static final Comparator<CapacityOption> CHEAPEST = Comparator.comparingInt(CapacityOption::boxes)
            .thenComparingInt(way -> way.modules().size())
            .thenComparingDouble(CapacityOption::milliamps)
            .thenComparingInt(CapacityOption::spare);

    private static ModuleKind module(
            String id,
            ModuleSort sort,
            int inputs,
            int most,
            int addresses,
            int boxes,
            String band,
            ReservedInput... kept) {
        return SmallParts.kind(
                id,
                id,
                sort,
                inputs,
                most,
                addresses,
                10 * inputs,
                boxes,
                false,
                band,
                List.of(kept),
                Optional.empty());
    }

    private static PointKind[] doors(int count) {
        PointKind[] kinds = new PointKind[count];
        java.util.Arrays.fill(kinds, SmallKinds.DOOR);
        return kinds;
    }

    private static CapacityOptions ways(Job job) {
        return CapacityOptions.of(job, Inventory.of(job));
    }

    @Test
    void aModuleThatDoesNotReadTheSchemeIsRuledOutAndNeverUsed() {
        InputModel openOnly = new InputModel(5, 4700, List.of(SmallJob.OPEN));
        ModuleKind plug = SmallParts.kind(
                PLUG.id(), PLUG.id(), PLUG.sort(), 4, 1, 0, 40, 0, false, "", List.of(), Optional.of(openOnly));
        CapacityOptions ways = ways(SmallCapacity.job(List.of(BOARD, plug, BUS), doors(5)));
        assertThat(ways.ways()).isNotEmpty().allMatch(way -> !way.modules().contains(plug));
        assertThat(ways.ruledOut())
                .anyMatch(out -> out.kind().equals(plug) && out.why().startsWith("it does not read"));
    }

    @Test
    void neverMoreModulesThanTheirKindHasAddressesFor() {
        Job job = SmallCapacity.job(List.of(BOARD, BUS), doors(12));
        assertThat(ways(job).ways()).isNotEmpty();
        // the kind answers at one address only: two of them cannot be
        BusRule one = SmallParts.busRule(List.of(new BusRange(List.of("bus-8"), 1, 1, 3, 8)), 0, 0, true);
        Job counted = job.withPanel(new Panel("P", job.panel().profile().withBus(one)));
        assertThat(ways(counted).ways()).isEmpty();
    }

    @Test
    void theFirmsPricesComeFirstWhereItKeepsThemAll() {
        Job job = SmallCapacity.job(List.of(BOARD, PLUG, BUS), doors(5));
        assertThat(ways(job).ways().getFirst().modules()).containsExactly(PLUG);
        assertThat(ways(job).priced()).isFalse();
        Map<String, Double> both = Map.of("plug-4", 120.0, "bus-8", 80.0);
        CapacityOptions priced = ways(
                job.withPractice(job.practice().withFirm(job.practice().firm().withPrices(both))));
        assertThat(priced.ways().getFirst().modules()).containsExactly(BUS);
        assertThat(priced.ways().getFirst().price()).contains(80.0);
        assertThat(priced.priced()).isTrue();
        CapacityOptions partly = ways(
                job.withPractice(job.practice().withFirm(job.practice().firm().withPrices(Map.of("bus-8", 80.0)))));
        assertThat(partly.ways().getFirst().modules()).containsExactly(PLUG);
    }

    @Test
    void nothingIsOfferedWhileNothingIsShort() {
        assertThat(ways(SmallCapacity.job(List.of(BOARD, PLUG), doors(2))).ways())
                .isEmpty();
    }

    @Test
    void aPlugInComesBeforeABoxOnTheWallAndTheSpareIsCounted() {
        // 5 doors, 2 inputs on board: 3 wanting. Plug-in of 4: no box, 1 to spare. Bus expander of 8: 1 box, 5 to
        // spare.
        List<CapacityOption> found =
                ways(SmallCapacity.job(List.of(BOARD, PLUG, BUS), doors(5))).ways();
        assertThat(found).extracting(CapacityOption::says).containsExactly("plug-4", "bus-8");
        assertThat(found.getFirst().spare()).isEqualTo(1);
        assertThat(found.getFirst().boxes()).isZero();
        assertThat(found.getLast().addresses()).isEqualTo(1);
        assertThat(found.getLast().milliamps()).isEqualTo(80);
    }

    @Test
    void modulesAreMixedAndTakenMoreThanOnce() {
        // 16 doors: 14 wanting. One bus expander and the plug-in bring 12, two bus expanders 16.
        List<CapacityOption> found =
                ways(SmallCapacity.job(List.of(BOARD, PLUG, BUS), doors(16))).ways();
        assertThat(found).extracting(CapacityOption::says).containsExactly("2 × bus-8");
        // 20 doors: 18 wanting. All there are bring 20.
        assertThat(ways(SmallCapacity.job(List.of(BOARD, PLUG, BUS), doors(20))).ways())
                .extracting(CapacityOption::says)
                .containsExactly("plug-4 + 2 × bus-8");
        assertThat(ways(SmallCapacity.job(List.of(BOARD, PLUG, BUS), doors(23))).ways())
                .isEmpty();
    }

    @Test
    void aConverterOfAnotherBandIsRuledOutWithTheReason() {
        CapacityOptions found = ways(SmallCapacity.job(List.of(BOARD, OTHER_BAND), doors(4)));
        assertThat(found.ways()).isEmpty();
        assertThat(found.ruledOut())
                .extracting(CapacityOptions.RuledOut::why)
                .containsExactly("it speaks band Q; this panel hears band P");
    }

    @Test
    void onlyAnInputMadeForThemTakesTwoWireDetectors() {
        ModuleKind converter = module(
                "conv-p", ModuleSort.CONVERTER, 6, 2, 0, 1, "band P", new ReservedInput(6, KindFamily.FIRE, true));
        CapacityOptions found = ways(SmallCapacity.job(List.of(BOARD, PLUG, converter), SmallKinds.TWO_WIRE_SMOKE));
        assertThat(found.ways()).extracting(CapacityOption::says).containsExactly("conv-p");
        assertThat(found.ways().getFirst().radioZones()).isEqualTo(6);
    }

    @Provide
    Arbitrary<ModuleKind> modules() {
        return Combinators.combine(
                        Arbitraries.integers().between(1, 6),
                        Arbitraries.integers().between(1, 2),
                        Arbitraries.integers().between(0, 2),
                        Arbitraries.integers().between(0, 1),
                        Arbitraries.of("", "band P", "band Q"),
                        Arbitraries.integers().between(0, 2))
                .as((inputs, most, addresses, boxes, band, kept) -> module(
                        "m",
                        ModuleSort.BUS_EXPANDER,
                        inputs,
                        most,
                        addresses,
                        boxes,
                        band,
                        kept == 0
                                ? new ReservedInput[0]
                                : new ReservedInput[] {new ReservedInput(1, KindFamily.FIRE, kept == 2)}));
    }

    @Provide
    Arbitrary<PointKind> kinds() {
        return Arbitraries.of(SmallKinds.DOOR, SmallKinds.MOVEMENT, SmallKinds.SMOKE, SmallKinds.TWO_WIRE_SMOKE);
    }

    /// The cheapest way is as cheap as the cheapest of all mixes, each of them tried by matching points to its
    /// inputs one by one.
    @Property(tries = 300)
    void theFirstWayIsTheCheapestThereIs(
            @ForAll("modules") ModuleKind one,
            @ForAll("modules") ModuleKind two,
            @ForAll @Size(min = 1, max = 9) List<@net.jqwik.api.From("kinds") PointKind> kinds) {
        ModuleKind second = SmallParts.kind(
                "n",
                "n",
                two.sort(),
                two.inputs(),
                two.mostOf(),
                two.addresses(),
                two.milliamps(),
                two.boxes(),
                false,
                two.radioBand(),
                two.reserved(),
                Optional.empty());
        Job job = SmallCapacity.job(List.of(BOARD, one, second), kinds.toArray(PointKind[]::new));
        Inventory inventory = Inventory.of(job);
        List<CapacityOption> found = CapacityOptions.of(job, inventory).ways();
        Optional<CapacityOption> best =
                inventory.shortOf() == 0 ? Optional.empty() : cheapest(job, inventory, one, second);
        assertThat(found.isEmpty()).isEqualTo(best.isEmpty());
        best.ifPresent(
                way -> assertThat(CHEAPEST.compare(found.getFirst(), way)).isZero());
    }

    private static Optional<CapacityOption> cheapest(Job job, Inventory inventory, ModuleKind one, ModuleKind two) {
        List<CapacityOption> all = new ArrayList<>();
        for (int a = 0; a <= one.mostOf(); a++) {
            for (int b = 0; b <= two.mostOf(); b++) {
                List<ModuleKind> mix = new ArrayList<>(java.util.Collections.nCopies(a, one));
                mix.addAll(java.util.Collections.nCopies(b, two));
                int inputs = mix.stream().mapToInt(ModuleKind::inputs).sum();
                CapacityOption way =
                        new CapacityOption(mix, inputs, inputs - inventory.shortOf(), List.of(), Optional.empty());
                boolean heard = mix.stream().noneMatch(kind -> kind.radioBand().equals("band Q"));
                boolean fits = way.addresses() <= 4
                        && way.radioZones() <= 16
                        && job.inputs().size() + inputs <= 40;
                if (heard && fits && matches(inventory.unplaced(), mix)) {
                    all.add(way);
                }
            }
        }
        return all.stream().min(CHEAPEST);
    }

    /// Whether every point can have an input of its own: a maximum matching by augmenting paths.
    private static boolean matches(List<Point> points, List<ModuleKind> mix) {
        List<int[]> inputs = new ArrayList<>();
        for (int m = 0; m < mix.size(); m++) {
            for (int number = 1; number <= mix.get(m).inputs(); number++) {
                inputs.add(new int[] {m, number});
            }
        }
        int[] taken = new int[inputs.size()];
        java.util.Arrays.fill(taken, -1);
        for (int p = 0; p < points.size(); p++) {
            if (!augment(p, points, mix, inputs, taken, new boolean[inputs.size()])) {
                return false;
            }
        }
        return true;
    }

    private static boolean augment(
            int p, List<Point> points, List<ModuleKind> mix, List<int[]> inputs, int[] taken, boolean[] seen) {
        for (int i = 0; i < inputs.size(); i++) {
            ModuleKind kind = mix.get(inputs.get(i)[0]);
            if (!seen[i] && kind.serves(inputs.get(i)[1], points.get(p).kind())) {
                seen[i] = true;
                if (taken[i] < 0 || augment(taken[i], points, mix, inputs, taken, seen)) {
                    taken[i] = p;
                    return true;
                }
            }
        }
        return false;
    }
}
