package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessor;
import io.answerback.core.bus.BusEdits;
import io.answerback.core.bus.BusModule;
import io.answerback.core.bus.BusState;
import io.answerback.core.bus.FittingRun;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.loop.zone.ZoneMap;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.profile.BusRule;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.site.Job;
import io.answerback.core.panel.LearningEdits;
import io.answerback.core.supply.CheckStep;
import io.answerback.core.wiring.cores.CoreNeed;
import io.answerback.core.wiring.cores.CoreNeeds;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.core.wiring.cores.CoreTermination;
import io.answerback.files.demo.DemoJobs;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The buses of the demos, and how every sample panel counts its zones.
class BusDemosTest {
    private static BusState bus(Job job) {
        return new Assessor(DataFiles.events()).assess(job).get(BusState.FACT);
    }

    private static Stream<String> found(Job job) {
        return new Assessor(DataFiles.events()).assess(job).findings().stream().map(Finding::id);
    }

    @Test
    void theHatchIsReadFromTheKeypadInPlaceOfTheExpander() {
        Job job = DemoJobs.job(1);
        ZoneMap.Line line = bus(job).zones().zone(22).orElseThrow();
        assertThat(job.nameOf(line.source().orElseThrow())).isEqualTo("Keypad 2 · 1");
        assertThat(line.source().orElseThrow().pointId()).contains(new PointId("13"));
        assertThat(line.ignored()).extracting(job::nameOf).containsExactly("Expander 2 · 6");
        Job released = BusEdits.release(new InputId("Keypad 2.1")).on(job);
        assertThat(released.nameOf(
                        bus(released).zones().zone(22).orElseThrow().source().orElseThrow()))
                .isEqualTo("Expander 2 · 6");
        Job again = BusEdits.takeOver(new InputId("Keypad 2.1"), 22).on(released);
        assertThat(bus(again).zones().zone(22)).isEqualTo(bus(job).zones().zone(22));
    }

    @Test
    void anExpanderIsExpectedThatIsNotOnTheWall() {
        Job job = DemoJobs.job(1);
        assertThat(bus(job).ghosts())
                .singleElement()
                .satisfies(ghost -> assertThat(ghost.address()).isEqualTo(3));
        assertThat(found(job)).contains("learned-but-absent:3");
        assertThat(found(LearningEdits.forget(3).on(job))).noneMatch(id -> id.startsWith("learned-but-absent"));
        assertThat(bus(job).modules()).allMatch(BusModule::settled);
    }

    @Test
    void aListeningCommunicatorHasAnAddressForEachAreaAndGetsThemAnew() {
        Job job = DemoJobs.job(1);
        assertThat(job.bus().of(new ModuleId("Communicator")))
                .extracting(given -> given.area().orElseThrow())
                .containsExactly(1, 2, 3);
        Job fewer = job.withBus(job.bus()
                .withAddresses(
                        new ModuleId("Communicator"),
                        job.bus().of(new ModuleId("Communicator")).subList(0, 2)));
        assertThat(found(fewer)).contains("listens-for-too-few:Communicator:3");
        Job mended = BusEdits.listening(new ModuleId("Communicator")).on(fewer);
        assertThat(mended.bus().of(new ModuleId("Communicator"))).hasSize(3);
        assertThat(found(mended)).doesNotContain("listens-for-too-few:Communicator:3");
    }

    @Test
    void theBusIsAsLongAsItsCables() {
        // 38, 54, 16, 2 m from the board, 13 m on from expander 1 and 24 m on from keypad 1
        BusState bus = bus(DemoJobs.job(1));
        assertThat(bus.metres()).isEqualTo(38 + 54 + 16 + 2 + 13 + 24);
        assertThat(bus.farthestMetres()).isEqualTo(54);
        assertThat(bus.module(new ModuleId("Keypad 2")).orElseThrow().metres()).contains(16.0 + 24);
    }

    @Test
    void whatIsSaidOfTheBusComesBackFromAFile() throws Exception {
        Job job = LearningEdits.service(Optional.of(15))
                .on(LearningEdits.present(new ModuleId("Keypad 3"), false).on(DemoJobs.job(1)));
        assertThat(JobCodec.read(JobCodec.write(JobDocument.of(job)), "bus")
                        .job()
                        .bus())
                .isEqualTo(job.bus());
    }

    @Test
    void aCommunicatorOnTheDiallerTakesTipAndRing() {
        Job job = DemoJobs.job(2);
        assertThat(CoreNeeds.of(
                        job.panel().profile().module("dial-communicator").orElseThrow()))
                .extracting(CoreNeed::use)
                .containsExactly(CoreUse.SUPPLY, CoreUse.SUPPLY_RETURN, CoreUse.TIP, CoreUse.RING);
        CorePlan plan = new Assessor(DataFiles.events()).assess(job).get(CorePlan.FACT);
        assertThat(plan.box(new ModuleId("Panel"))
                        .orElseThrow()
                        .cable(new CableId("C-10"))
                        .orElseThrow()
                        .cores())
                .filteredOn(core -> core.need().use() == CoreUse.RING)
                .singleElement()
                .satisfies(core -> assertThat(core.termination()).isInstanceOf(CoreTermination.Under.class));
    }

    @Test
    void anExpanderIsFittedWithPowerOffAndItsZonesLiveWithTypeAndAreaOnly() {
        Job job = DemoJobs.job(1);
        List<CheckStep> steps = FittingRun.of(job, new ModuleId("Expander 2"));
        assertThat(steps).extracting(CheckStep::id).doesNotHaveDuplicates();
        List<String> orders = steps.stream().map(CheckStep::order).toList();
        assertThat(orders.getFirst()).startsWith("Take all power off");
        assertThat(orders.indexOf("Wire its bus: plus, return, A to A, B to B"))
                .isLessThan(orders.indexOf("Give power again, in this panel's order"));
        assertThat(orders)
                .contains("Set Expander 2 to address 2 before it has power")
                .contains("Zone 28, Plant room movement: type immediate, area 03")
                .contains("2 of its inputs are free: terminate each, or switch its zone off");
        CheckStep noArea = steps.stream()
                .filter(step -> step.order().startsWith("Zone 21"))
                .findFirst()
                .orElseThrow();
        assertThat(noArea.mind()).startsWith("Without a type and an area the panel says ready");
        assertThat(FittingRun.of(job, new ModuleId("Panel"))).isEmpty();
        assertThat(FittingRun.of(job, new ModuleId("nobody"))).isEmpty();
    }

    @Test
    void aServiceKeypadIsWarnedOfBeforeThePanelLooksAtItsBus() {
        Job enrols = PracticeEdits.option("", PracticeOption.ENROL_AND_DELETE).on(DemoJobs.job(1));
        Job hooked = LearningEdits.service(Optional.of(15)).on(enrols);
        assertThat(FittingRun.of(hooked, new ModuleId("Keypad 1")))
                .anySatisfy(step -> assertThat(step.mind()).contains("take it off first, or it is learned too"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"sample-a", "sample-b", "sample-c", "sample-d"})
    void everyPlaceHasOneZoneAndEveryZoneOnePlace(String id) {
        PanelProfile profile = DataFiles.profile(id);
        BusRule rule = profile.bus().orElseThrow();
        Set<Integer> zones = new HashSet<>();
        for (var range : rule.ranges()) {
            for (int address = range.leastAddress(); address <= range.mostAddress(); address++) {
                for (int place = 1; place <= range.zonesEach(); place++) {
                    int zone =
                            rule.zone(range.kinds().getFirst(), address, place).orElseThrow();
                    assertThat(zones.add(zone)).as("zone %d", zone).isTrue();
                    assertThat(zone).isBetween(1, profile.capacity().zones());
                    assertThat(rule.home(zone)).contains(new BusRule.Home(range, address, place));
                }
            }
        }
        assertThat(zones).isNotEmpty();
    }
}
