package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.assess.remedy.Advice;
import io.answerback.core.assess.remedy.CableLimits;
import io.answerback.core.assess.remedy.Remedy;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.Power;
import io.answerback.core.model.site.Job;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.LoadLine;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyNetlist;
import io.answerback.core.supply.SupplyNode;
import io.answerback.core.supply.SupplyState;
import io.answerback.core.supply.SupplyTree;
import io.answerback.core.supply.SupplyVolts;
import io.answerback.core.supply.battery.BatteryState;
import io.answerback.core.supply.battery.LeadAcid;
import io.answerback.core.survey.capacity.FaultPoint;
import io.answerback.core.wiring.cabling.CablingEdits;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.files.demo.DemoJobs;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// The supplies of the demo jobs.
class SupplyDemosTest {
    @TempDir
    Path folder;

    private static Supplies supplies(Job job) {
        return Supplies.of(job, CorePlan.of(job));
    }

    private static SupplyState panel(Job job) {
        return supplies(job).states().getFirst();
    }

    private static DeviceVolts volts(Job job, FedId part) {
        return panel(job).volts().stream()
                .filter(device -> device.part().equals(part))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void onlyTheHeatedDetectorAtTheFarEndIsShort() {
        assertThat(panel(DemoJobs.job(1)).volts())
                .filteredOn(device -> !device.ok())
                .extracting(DeviceVolts::part)
                .containsExactly(new PointId("20"));
        DeviceVolts far = volts(DemoJobs.job(1), new PointId("20"));
        assertThat(far.atFloat()).isGreaterThan(far.leastVolts());
        // at rest it holds a while on battery, and not until that is empty
        assertThat(far.dropsOutHours())
                .hasValueSatisfying(hours -> assertThat(hours).isBetween(30.0, 60.0));
    }

    @Test
    void theLoadsFollowThePointsToAnotherPlaceInTheList() {
        Assessor assessor = new Assessor(DataFiles.events());
        Job before = DemoJobs.job(1).withCables(List.of());
        Job moved = PointEdits.move(List.of(new PointId("20")), -19).on(before);
        Assessment onTheOneBefore = assessor.assess(moved, assessor.assess(before));
        assertThat(onTheOneBefore.get(Supplies.FACT)).isEqualTo(supplies(moved)).isNotEqualTo(supplies(before));
    }

    @Test
    void theFarVoltsAreTheDropsOfEveryCableOnTheWay() {
        Job job = DemoJobs.job(1);
        // 0.2 V on the board; keypad 2 behind keypad 1: 16 m and then 24 m of 92 Ω/km, copper at 35 °C, 65 mA each
        double perMetre = 2 * 0.092 * (1 + 0.00393 * 15);
        double first = 10.5 - 0.2 - 16 * perMetre * (0.065 + 0.065);
        assertThat(volts(job, new ModuleId("Keypad 1")).atEnd()).isCloseTo(first, within(1e-6));
        double between = volts(job, new ModuleId("Keypad 1")).atEnd()
                - volts(job, new ModuleId("Keypad 2")).atEnd();
        assertThat(between).isCloseTo(24 * perMetre * 0.065, within(1e-6));
    }

    @Test
    void whatMendsTheFarDeviceDoesWhenItIsAppliedAndWhatIsNotEnoughIsToldApart() {
        Job job = DemoJobs.job(1);
        List<Remedy> remedies = Ways.to(job, new PointId("20"));
        // neither a doubled pair nor a thicker core is enough alone; both together are, before a run of 142 m
        assertThat(remedies).filteredOn(Remedy::ok).hasSize(4);
        assertThat(remedies.getFirst().words()).isEqualTo("Run C-26 as 8-core, 0.5 mm² and double its supply pair");
        assertThat(remedies)
                .filteredOn(remedy -> !remedy.ok())
                .extracting(Remedy::words)
                .contains("Double the supply pair of C-26");
        for (Remedy remedy : remedies) {
            Job mended = remedy.edit().on(job);
            DeviceVolts far = supplies(mended).states().stream()
                    .flatMap(state -> state.volts().stream())
                    .filter(device -> device.part().equals(new PointId("20")))
                    .findFirst()
                    .orElseThrow();
            assertThat(far.ok()).as(remedy.words()).isEqualTo(remedy.reaches());
            assertThat(far.atEnd()).isEqualTo(remedy.atEndVolts());
        }
    }

    @Test
    void theAdviceIsTheFirstWayThatIsEnough() {
        Assessment assessment = new Assessor(DataFiles.events()).assess(DemoJobs.job(1));
        Advice advice = new Advice(
                assessment,
                DataFiles.cableTypes(),
                FaultPoint.among(DataFiles.kinds(), DataFiles.conductors().getFirst()));
        for (Finding finding : assessment.findings()) {
            assertThat(advice.on(finding))
                    .isEqualTo(
                            finding.id().equals("volts-short:20")
                                    ? "Run C-26 as 8-core, 0.5 mm² and double its supply pair: then it gets 9.18 V."
                                    : finding.remedy());
        }
    }

    @Test
    void theLongestCableToTheFarDeviceJustHolds() {
        Job job = DemoJobs.job(1);
        double metres = CableLimits.of(Ways.trials(job), new PointId("20"))
                .orElseThrow()
                .longestMetres();
        assertThat(metres).isBetween(20.0, 88.0);
        assertThat(volts(Edits.cableMetres(new CableId("C-26"), metres - 0.1).on(job), new PointId("20"))
                        .ok())
                .isTrue();
        assertThat(volts(Edits.cableMetres(new CableId("C-26"), metres + 0.1).on(job), new PointId("20"))
                        .ok())
                .isFalse();
    }

    @Test
    void everythingIsOnTheLoadListOnce() {
        for (int number = 1; number <= DemoJobs.COUNT; number++) {
            Job job = DemoJobs.job(number);
            assertThat(supplies(job).states().stream().flatMap(state -> state.lines().stream()))
                    .extracting(LoadLine::part)
                    .doesNotHaveDuplicates()
                    .contains(new ModuleId("Panel"));
        }
    }

    @Test
    void theBatteryOfTheColdStoreReachesItsRuleOldAndCold() {
        BatteryState battery = panel(DemoJobs.job(1)).battery().orElseThrow();
        assertThat(battery.enough()).isTrue();
        assertThat(battery.standbyHours()).isLessThan(battery.standbyHoursNew());
        Job without = DemoJobs.job(1).withPower(Power.UNDECIDED);
        BatteryState none = panel(without).battery().orElseThrow();
        assertThat(none.enough()).isFalse();
        assertThat(none.stockAmpHours()).contains(26.0);
    }

    @Test
    void cablesThatFeedEachOtherAreNamedAndNothingHangs() {
        Job job = DemoJobs.job(1);
        job = CablingEdits.ends(
                        new CableId("C-43"),
                        CableEnds.toModule(new ModuleId("Keypad 1")).startingAt(Optional.of(new ModuleId("Keypad 2"))))
                .on(job);
        Supplies supplies = supplies(job);
        assertThat(supplies.circles()).containsExactlyInAnyOrder(new CableId("C-43"), new CableId("C-44"));
        assertThat(supplies.states().getFirst().lines())
                .extracting(LoadLine::part)
                .contains(new ModuleId("Keypad 1"));
    }

    @Test
    void everyDemoTreeIsWhatTheSimulatorFinds() throws Exception {
        Simulator.assumeInstalled();
        SupplyNetlist netlist = new SupplyNetlist();
        Map<String, Double> computed = new HashMap<>();
        for (int number = 1; number <= DemoJobs.COUNT; number++) {
            for (SupplyState state : supplies(DemoJobs.job(number)).states()) {
                for (SupplyTree tree : state.trees()) {
                    for (double source : new double[] {LeadAcid.FLOAT_VOLTS, LeadAcid.EMPTY_VOLTS}) {
                        String prefix = "volts_%d_%d_".formatted(number, Math.round(source * 100));
                        netlist.add(prefix, tree.inAlarm(), source);
                        SupplyVolts volts = SupplyVolts.solve(tree.inAlarm(), source);
                        collect(prefix, tree.inAlarm(), volts, computed);
                    }
                }
            }
        }
        Map<String, Double> simulated = Simulator.run(folder, netlist.text("every demo tree"));
        assertThat(simulated.keySet()).containsAll(computed.keySet());
        computed.forEach(
                (name, volts) -> assertThat(simulated.get(name)).as(name).isCloseTo(volts, within(volts * 1e-4)));
        assertThat(computed).hasSizeGreaterThan(40);
    }

    private static void collect(String prefix, SupplyNode node, SupplyVolts volts, Map<String, Double> computed) {
        node.loads()
                .forEach(load -> computed.put(
                        SupplyNetlist.name(prefix, load.part()), volts.at().get(node.cableId())));
        node.onward().forEach(next -> collect(prefix, next, volts, computed));
    }
}
