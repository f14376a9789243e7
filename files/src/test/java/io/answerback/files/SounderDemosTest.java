package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.assess.Assessor;
import io.answerback.core.assess.remedy.Remedy;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.PowerEdits;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.site.Job;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.LoadLine;
import io.answerback.core.supply.PowerRun;
import io.answerback.core.supply.SoundOutput;
import io.answerback.core.supply.SounderState;
import io.answerback.core.supply.Supplies;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cabling.CablingEdits;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.files.demo.DemoJobs;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// The sounders and speakers of the first demo, by hand: 300 mA on the trigger's 500, 90 on the strobe's 300,
/// twice 120 on the speakers' 400.
class SounderDemosTest {
    private static Job with(String kindId) {
        Job job = DemoJobs.job(1);
        job = CapacityEdits.fit("", List.of(job.panel().profile().module(kindId).orElseThrow()))
                .on(job);
        job = CablingEdits.toModules(DataFiles.conductors().getFirst()).on(job);
        return CableEdits.chooseTypes(DataFiles.cableTypes()).on(job);
    }

    private static Supplies supplies(Job job) {
        return Supplies.of(job, CorePlan.of(job));
    }

    private static SoundOutput output(Job job, String terminal) {
        return supplies(job).sounders().outputs().stream()
                .filter(output -> output.terminal().equals(terminal))
                .findFirst()
                .orElseThrow();
    }

    private static Optional<Finding> found(Job job, String id) {
        return new Assessor(DataFiles.events())
                .assess(job).findings().stream()
                        .filter(finding -> finding.id().equals(id))
                        .findFirst();
    }

    private static LoadLine line(Job job, FedId part) {
        return supplies(job).states().getFirst().lines().stream()
                .filter(line -> line.part().equals(part))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everythingThatIsFedMayBeAskedForMoreVolts() {
        for (int number = 1; number <= DemoJobs.COUNT; number++) {
            Job job = DemoJobs.job(number);
            supplies(job).states().stream()
                    .flatMap(state -> state.volts().stream())
                    .forEach(device -> assertThat(Ways.to(job, device.part()))
                            .allSatisfy(way -> assertThat(way.atEndVolts()).isGreaterThan(device.atEnd())));
        }
    }

    /// A cable may be colder or hotter than what is known of the battery inside a sounder.
    @Test
    void aSounderInAnyWeatherIsComputed() {
        Job job = DemoJobs.job(1);
        Cable cable = job.cablesTo(CableEnds.toModule(new ModuleId("Sounder")).farEnd())
                .getFirst();
        for (double celsius : new double[] {-60, -41, 61, 120}) {
            Job there = Edits.cableCelsius(cable.id(), celsius, celsius).on(job);
            assertThat(supplies(there).sounders().sounders())
                    .as("at %s °C", celsius)
                    .hasSameSizeAs(supplies(job).sounders().sounders());
        }
    }

    @Test
    void everyOutputIsAskedForWhatHangsOnIt() {
        Job job = DemoJobs.job(1);
        assertThat(output(job, "SND").milliamps()).isEqualTo(300);
        assertThat(output(job, "STR").milliamps()).isEqualTo(90);
        assertThat(output(job, "SP").milliamps()).isEqualTo(240);
        assertThat(supplies(job).sounders().outputs()).noneMatch(SoundOutput::overloaded);
    }

    @Test
    void aSecondSounderIsTooMuchForTheTriggerUntilALinkIsSoft() {
        Job two = with("sounder-strobe");
        assertThat(output(two, "SND").milliamps()).isEqualTo(600);
        Finding finding = found(two, "sound-output-overloaded:Panel · SND").orElseThrow();
        assertThat(finding.grade()).isEqualTo(Grade.WRONG);
        assertThat(finding.remedy()).startsWith("Set the link of Sounder to soft: 180 mA in place of 300 mA");
        Job softer = PowerEdits.link(new ModuleId("Sounder"), "soft").on(two);
        assertThat(output(softer, "SND").milliamps()).isEqualTo(480);
        assertThat(found(softer, finding.id())).isEmpty();
        // 10 mA at rest, 180 while it sounds, 90 for the strobe
        assertThat(line(softer, new ModuleId("Sounder")).alarmMilliamps()).isEqualTo(280);
    }

    /// On soft links two take 480 mA of 500, and twice 450 mA for a moment when they begin.
    @Test
    void soundersThatBeginTogetherMayTripTheirOutput() {
        Job softer = PowerEdits.link(new ModuleId("Sounder 1"), "soft")
                .on(PowerEdits.link(new ModuleId("Sounder"), "soft").on(with("sounder-strobe")));
        assertThat(output(softer, "SND").inrushMilliamps()).isEqualTo(900);
        Finding finding = found(softer, "sounder-inrush:Panel · SND").orElseThrow();
        assertThat(finding.grade()).isEqualTo(Grade.TIGHT);
        assertThat(finding.why()).contains("900 mA").contains("360 mA").contains("500 mA");
        assertThat(found(DemoJobs.job(1), finding.id())).isEmpty();
    }

    @Test
    void aSounderThatStopsBeforeItsTimeIsFound() {
        Job own = with("sounder-own-battery");
        assertThat(found(own, "sounder-stops-early:Sounder 1")).isEmpty();
        Job longer = SetupEdits.decide(Decision.SOUNDER_TIME, 0, "30").on(own);
        assertThat(found(longer, "sounder-stops-early:Sounder 1").orElseThrow().says())
                .isEqualTo("Sounder 1 falls silent after 20 min");
    }

    /// Four strobes of 90 mA on an output of 300: no link of a sounder changes that.
    @Test
    void anOverloadedStrobeIsNotAnsweredWithTheLinkOfItsSounder() {
        Job four = with("sounder-strobe");
        for (int more = 0; more < 2; more++) {
            four = CapacityEdits.fit(
                            "",
                            List.of(four.panel()
                                    .profile()
                                    .module("sounder-strobe")
                                    .orElseThrow()))
                    .on(four);
        }
        four = CableEdits.chooseTypes(DataFiles.cableTypes())
                .on(CablingEdits.toModules(DataFiles.conductors().getFirst()).on(four));
        assertThat(output(four, "STR").milliamps()).isEqualTo(360);
        assertThat(found(four, "sound-output-overloaded:Panel · STR")
                        .orElseThrow()
                        .remedy())
                .startsWith("Take one off it");
    }

    @Test
    void aSounderWithItsOwnBatteryOnlySignalsAndIsCharged() {
        Job own = with("sounder-own-battery");
        assertThat(output(own, "SND").milliamps()).isEqualTo(305);
        LoadLine line = line(own, new ModuleId("Sounder 1"));
        assertThat(line.quiescentMilliamps()).isEqualTo(10 + 25);
        assertThat(line.alarmMilliamps()).isEqualTo(10 + 25 + 90);
        SounderState state =
                supplies(own).sounders().sounder(new ModuleId("Sounder 1")).orElseThrow();
        assertThat(state.rechargeHours())
                .hasValueSatisfying(hours -> assertThat(hours).isCloseTo(48, within(1e-9)));
        assertThat(state.soundsMinutes(60))
                .as("by itself it is silent after 20 min")
                .isEqualTo(20);
        assertThat(PowerRun.of(own, PowerRun.Direction.DOWN))
                .anyMatch(step -> step.order().startsWith("Hold Sounder 1 silent"));
        assertThat(PowerRun.of(DemoJobs.job(1), PowerRun.Direction.DOWN))
                .anyMatch(step -> step.order().startsWith("Take the sounder's trigger off"));
    }

    @Test
    void whatASounderTakesFromItsOwnOutputIsNotCountedOnTheSupplyTerminalAgain() {
        Job job = DemoJobs.job(1);
        var panel = supplies(job).states().getFirst();
        var tree = panel.trees().stream()
                .filter(its -> its.lines().stream().anyMatch(line -> line.part().equals(new ModuleId("Sounder"))))
                .findFirst()
                .orElseThrow();
        // 300 mA from the sounder's output and 90 mA from the strobe's, which have limits of their own
        double all = tree.lines().stream().mapToDouble(LoadLine::alarmMilliamps).sum();
        assertThat(tree.milliamps(true)).isCloseTo(all - 390, within(1e-9));
        // and once in the sum of the supply
        assertThat(panel.milliamps(true))
                .isCloseTo(
                        panel.lines().stream()
                                .mapToDouble(LoadLine::alarmMilliamps)
                                .sum(),
                        within(1e-9));
    }

    @Test
    void noSoundAtAllIsFound() {
        Job silent = SetupEdits.decide(Decision.SOUNDER_TIME, 0, "0").on(DemoJobs.job(1));
        assertThat(found(silent, "siren-time").orElseThrow().says()).isEqualTo("The sounders sound for 0 min");
    }

    @Test
    void aSpeakerLosesVoltsAlongItsOwnPair() {
        DeviceVolts far = supplies(DemoJobs.job(1)).states().getFirst().volts().stream()
                .filter(device -> device.part().equals(new ModuleId("Speaker 2")))
                .findFirst()
                .orElseThrow();
        // 0.2 V on the board, 41 m of 92 Ω/km there and back, copper at 35 °C; 120 mA at 12 V are 100 Ω
        double ohms = 2 * 0.041 * 92 * (1 + 0.00393 * 15);
        assertThat(far.atEnd()).isCloseTo((10.5 - 0.2) * 100 / (100 + ohms), within(1e-6));
        assertThat(far.output()).isEqualTo("Panel · SP");
    }

    @Test
    void theBusCarriesItsModulesAndWhatHangsOnThem() {
        Job job = DemoJobs.job(1);
        // by hand from the load list: two expanders, three keypads, the communicator, and the detectors behind them
        double behind = List.of(
                        "Expander 1",
                        "Expander 2",
                        "Keypad 1",
                        "Keypad 2",
                        "Keypad 3",
                        "Communicator",
                        "08",
                        "12",
                        "18",
                        "19",
                        "20",
                        "21")
                .stream()
                .<FedId>map(text -> text.matches("\\d+") ? new PointId(text) : new ModuleId(text))
                .mapToDouble(part -> line(job, part).alarmMilliamps())
                .sum();
        assertThat(supplies(job).bus().alarmMilliamps()).isCloseTo(behind, within(1e-9));
        assertThat(found(job, "bus-overloaded")).isEmpty();
    }

    @Test
    void soundingIsHeldAgainstTheRuleAndAgainstTheBattery() {
        Job job = DemoJobs.job(1);
        assertThat(found(job, "siren-time")).isEmpty();
        Job eighteen = SetupEdits.decide(Decision.SOUNDER_TIME, 0, "18").on(job);
        assertThat(found(eighteen, "siren-time").orElseThrow().says())
                .isEqualTo("The sounders sound 18 min; the rule allows 15 min");
        Job allowed = PracticeEdits.figure("", RuleFigure.SIREN_MINUTES, 30).on(eighteen);
        assertThat(found(allowed, "siren-time").orElseThrow().says())
                .isEqualTo("The sounders sound 18 min; the battery is counted on for 15 min");
    }

    @Test
    void aSoftLinkIsOneOfTheWaysToMendASounderShortOfVolts() {
        Job far = CableEdits.installation("", new CableId("C-47"), installation -> installation)
                .on(DemoJobs.job(1));
        far = Edits.cableMetres(new CableId("C-47"), 75).on(far);
        assertThat(found(far, "volts-short:Sounder")).isPresent();
        Remedy soft = Ways.to(far, new ModuleId("Sounder")).stream()
                .filter(remedy -> remedy.words().equals("Set its link to soft"))
                .findFirst()
                .orElseThrow();
        DeviceVolts after = supplies(soft.edit().on(far)).states().getFirst().volts().stream()
                .filter(device -> device.part().equals(new ModuleId("Sounder")))
                .findFirst()
                .orElseThrow();
        assertThat(after.atEnd()).isEqualTo(soft.atEndVolts());
        assertThat(after.leastVolts()).isEqualTo(7.5);
    }
}
