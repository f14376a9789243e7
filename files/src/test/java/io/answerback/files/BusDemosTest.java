package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import io.answerback.core.assess.Assessor;
import io.answerback.core.bus.BusModule;
import io.answerback.core.bus.BusState;
import io.answerback.core.bus.FittingRun;
import io.answerback.core.capacity.ConverterChoice;
import io.answerback.core.common.Figures;
import io.answerback.core.cores.CoreNeed;
import io.answerback.core.cores.CoreNeeds;
import io.answerback.core.cores.CorePlan;
import io.answerback.core.cores.CoreTermination;
import io.answerback.core.edit.BusEdits;
import io.answerback.core.edit.LearningEdits;
import io.answerback.core.edit.PracticeEdits;
import io.answerback.core.finding.Finding;
import io.answerback.core.id.CableId;
import io.answerback.core.id.InputId;
import io.answerback.core.id.ModuleId;
import io.answerback.core.id.PointId;
import io.answerback.core.practice.CoreUse;
import io.answerback.core.practice.PracticeOption;
import io.answerback.core.profile.BusRule;
import io.answerback.core.profile.Capacity;
import io.answerback.core.profile.PanelProfile;
import io.answerback.core.radio.RadioState;
import io.answerback.core.radio.Sender;
import io.answerback.core.site.Job;
import io.answerback.core.site.Panel;
import io.answerback.core.site.Point;
import io.answerback.core.supply.CheckStep;
import io.answerback.core.zone.ZoneMap;
import io.answerback.files.demo.DemoJobs;
import java.util.ArrayList;
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
        return new Assessor(DataFiles.events()).assess(job).bus();
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
    void theConverterOfTheOtherBandIsRefusedAndTheOtherTakesWhatItReads() {
        Job job = DemoJobs.job(3);
        ConverterChoice choice = new Assessor(DataFiles.events()).assess(job).converters();
        assertThat(choice.zones())
                .extracting(Point::id)
                .containsExactly(
                        new PointId("04"),
                        new PointId("05"),
                        new PointId("06"),
                        new PointId("07"),
                        new PointId("08"),
                        new PointId("09"));
        ConverterChoice.Offer first = choice.offers().getFirst();
        assertThat(first.kind().inputs()).isEqualTo(12);
        assertThat(first.boxes()).isEqualTo(1);
        assertThat(first.radioZones()).isEqualTo(12);
        // the button closes across its resistor, which the converter does not read
        assertThat(first.taken())
                .extracting(Point::id)
                .containsExactly(
                        new PointId("04"), new PointId("05"), new PointId("07"), new PointId("08"), new PointId("09"));
        assertThat(first.against()).singleElement().asString().startsWith("06 Desk hold-up: it does not read");
        assertThat(first.work())
                .hasSize(3)
                .allMatch(
                        work -> work.endsWith("at the end of the line in place of %s.".formatted(Figures.ohms(3300))));
        ConverterChoice.Offer second = choice.offers().getLast();
        assertThat(second.refused()).isTrue();
        assertThat(second.against()).containsExactly("It speaks band Q; this panel hears band P: it is never heard.");
    }

    @Test
    void aConverterUsesUpNoMoreWirelessZonesThanThereAre() {
        Job job = DemoJobs.job(3);
        PanelProfile profile = job.panel().profile();
        Capacity few = new Capacity(27, 3, 32, 6, 4, 0);
        PanelProfile small = new PanelProfile(
                profile.id(),
                profile.name(),
                profile.pullUpVolts(),
                profile.pullUpOhms(),
                profile.entrySeconds(),
                profile.schemes(),
                few,
                profile.radioBand(),
                profile.modules(),
                Optional.empty(),
                Optional.empty(),
                profile.setup(),
                profile.manners());
        Job tight = job.withPanel(new Panel("Panel", small));
        ConverterChoice choice = new Assessor(DataFiles.events()).assess(tight).converters();
        assertThat(choice.offers().getFirst().enough()).isFalse();
        assertThat(choice.offers().getFirst().against())
                .contains("Their inputs use up 12 of the panel's wireless zones; 3 are left.");
    }

    @Test
    void twoConvertersOfAKindThatAllowsItShareABox() {
        Job job = DemoJobs.job(3);
        List<Point> points = new ArrayList<>(job.points());
        for (int id = 21; id <= 27; id++) {
            points.add(job.point(new PointId("05")).orElseThrow().withId(new PointId(String.valueOf(id))));
        }
        ConverterChoice.Offer first = new Assessor(DataFiles.events())
                .assess(job.withPoints(points))
                .converters()
                .offers()
                .getFirst();
        // 11 ordinary inputs each: 4 and 7 more than one of them has with its smoke input kept
        assertThat(first.taken()).hasSize(12);
        assertThat(first.count()).isEqualTo(1);
        for (int id = 28; id <= 30; id++) {
            points.add(job.point(new PointId("05")).orElseThrow().withId(new PointId(String.valueOf(id))));
        }
        ConverterChoice.Offer second = new Assessor(DataFiles.events())
                .assess(job.withPoints(points))
                .converters()
                .offers()
                .getFirst();
        assertThat(second.taken()).hasSize(15);
        assertThat(second.count()).isEqualTo(2);
        assertThat(second.boxes()).isEqualTo(1);
    }

    @Test
    void theGallerysDevicesWereEnrolledTheWrongWayRound() throws Exception {
        Job job = DemoJobs.job(3);
        RadioState radio = new Assessor(DataFiles.events()).assess(job).radio();
        // zone 4 is the second zone of input 1: the panel gives 05 to the first device, 06 to the second
        assertThat(radio.senders())
                .extracting(Sender::pointId, sender -> sender.input().zone(), Sender::order, Sender::outOfPlace)
                .containsExactly(
                        tuple(new PointId("11"), 5, 2, true),
                        tuple(new PointId("12"), 6, 1, true),
                        tuple(new PointId("13"), 7, 0, false));
        assertThat(radio.of(new PointId("12")).orElseThrow().overFloorDecibels())
                .contains(7.0);
        assertThat(JobCodec.read(JobCodec.write(JobDocument.of(job)), "radio")
                        .job()
                        .radio())
                .isEqualTo(job.radio());
    }

    @Test
    void aCommunicatorOnTheDiallerTakesTipAndRing() {
        Job job = DemoJobs.job(2);
        assertThat(CoreNeeds.of(
                        job.panel().profile().module("dial-communicator").orElseThrow()))
                .extracting(CoreNeed::use)
                .containsExactly(CoreUse.SUPPLY, CoreUse.SUPPLY_RETURN, CoreUse.TIP, CoreUse.RING);
        CorePlan plan = new Assessor(DataFiles.events()).assess(job).cores();
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
