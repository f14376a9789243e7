package io.answerback.core.survey.capacity;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.profile.BusRange;
import io.answerback.core.model.profile.BusRule;
import io.answerback.core.model.profile.InputModel;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleKind.ReservedInput;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Panel;
import io.answerback.core.testing.SmallBands;
import io.answerback.core.testing.SmallCapacity;
import io.answerback.core.testing.SmallKinds;
import io.answerback.core.testing.SmallParts;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class CapacityOptionsTest extends CapacityModules {
    private static final ModuleKind PLUG = module("plug-4", ModuleSort.PLUG_IN, 4, 1, 0, 0, "");
    private static final ModuleKind BUS = module("bus-8", ModuleSort.BUS_EXPANDER, 8, 2, 1, 1, "");
    private static final ModuleKind OTHER_BAND = module("conv-q", ModuleSort.CONVERTER, 6, 2, 0, 1, "band Q");

    private static PointKind[] doors(int count) {
        PointKind[] kinds = new PointKind[count];
        java.util.Arrays.fill(kinds, SmallKinds.DOOR);
        return kinds;
    }

    @Test
    void aModuleThatDoesNotReadTheSchemeIsRuledOutAndNeverUsed() {
        InputModel openOnly = new InputModel(5, 4700, List.of(SmallBands.OPEN));
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
}
