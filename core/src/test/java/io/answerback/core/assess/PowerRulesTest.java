package io.answerback.core.assess;

import static io.answerback.core.testing.SmallBox.POWERED;
import static io.answerback.core.testing.SmallBox.SIX;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.device.PointKind;
import io.answerback.core.device.Powering;
import io.answerback.core.edit.CablingEdits;
import io.answerback.core.edit.Edits;
import io.answerback.core.edit.PointEdits;
import io.answerback.core.edit.PowerEdits;
import io.answerback.core.edit.PracticeEdits;
import io.answerback.core.edit.SetupEdits;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Grade;
import io.answerback.core.id.CableId;
import io.answerback.core.id.JointId;
import io.answerback.core.id.ModuleId;
import io.answerback.core.id.PointId;
import io.answerback.core.path.PathKind;
import io.answerback.core.path.TransmissionPath;
import io.answerback.core.power.Battery;
import io.answerback.core.power.LoadFigure;
import io.answerback.core.power.SupplyReading;
import io.answerback.core.practice.RuleFigure;
import io.answerback.core.profile.Decision;
import io.answerback.core.profile.ModuleKind;
import io.answerback.core.profile.PanelProfile;
import io.answerback.core.profile.PowerOrder;
import io.answerback.core.profile.SupplyUnit;
import io.answerback.core.site.Communicator;
import io.answerback.core.site.Edit;
import io.answerback.core.site.Job;
import io.answerback.core.site.Panel;
import io.answerback.core.supply.SupplyState;
import io.answerback.core.testing.SmallBox;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallParts;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/// What is found of supplies, and gone when it is mended.
class PowerRulesTest {
    private static final SupplyUnit UNIT = SmallParts.supply(1000, 350, 7, 11.2, 10.5, PowerOrder.BATTERY_FIRST, 0);

    private static Job job() {
        Job job = PointEdits.change(
                        "",
                        Set.of(new PointId("01"), new PointId("02"), new PointId("03")),
                        point -> point.withKind(POWERED))
                .on(SmallBox.job(SIX));
        PanelProfile profile = job.panel().profile();
        List<ModuleKind> kinds = profile.modules().stream()
                .map(kind -> kind.id().equals("board") ? kind.withSupply(UNIT) : kind)
                .toList();
        return job.withPanel(new Panel(
                "Panel",
                SmallParts.profile(
                        profile.id(), profile.name(), 5, 4700, 30, profile.schemes(), profile.capacity(), "", kinds)));
    }

    private static Assessment assess(Job job) {
        return new Assessor(SmallJob.EVENTS).assess(job);
    }

    private static Optional<Finding> found(Job job, String id) {
        return assess(job).findings().stream()
                .filter(finding -> finding.id().equals(id))
                .findFirst();
    }

    private static Job after(Job job, Edit... edits) {
        Job next = job;
        for (Edit edit : edits) {
            next = edit.on(next);
        }
        return next;
    }

    private static Edit battery(double ampHours) {
        return PowerEdits.battery(new Battery(new ModuleId("Panel"), ampHours, 1, 25, Optional.empty()));
    }

    @Test
    void theLoadListAddsUp() {
        // board 30 mA, three detectors of 12 and 40 mA
        SupplyState panel = assess(job()).supplies().states().getFirst();
        assertThat(panel.milliamps(false)).isEqualTo(66);
        assertThat(panel.milliamps(true)).isEqualTo(150);
        Job half = after(job(), PowerEdits.alarmShare(50));
        assertThat(assess(half).supplies().states().getFirst().milliamps(true)).isEqualTo(108);
        Job typed = after(job(), PowerEdits.load(new LoadFigure(new PointId("02"), 20, 50, LoadFigure.Source.SHEET)));
        assertThat(assess(typed).supplies().states().getFirst().milliamps(true)).isEqualTo(160);
    }

    @Test
    void aSupplyOfWhichNothingIsKnownIsNoted() {
        assertThat(found(SmallBox.job(SIX), "supply-unknown").orElseThrow().grade())
                .isEqualTo(Grade.NOTE);
        assertThat(found(job(), "supply-unknown")).isEmpty();
    }

    @Test
    void aBatteryNobodyDecidedIsNotedWithItsSize() {
        Finding finding = found(job(), "battery-missing:Panel").orElseThrow();
        assertThat(finding.grade()).isEqualTo(Grade.NOTE);
        assertThat(finding.remedy()).contains("The smallest that is sold and does is");
        assertThat(found(after(job(), battery(7)), "battery-missing:Panel")).isEmpty();
    }

    @Test
    void aBatteryThatDoesNotReachTheRuleIsWrongUntilItIsLargeEnough() {
        Finding finding =
                found(after(job(), battery(1.2)), "battery-short:Panel").orElseThrow();
        assertThat(finding.grade()).isEqualTo(Grade.WRONG);
        double needed = assess(job())
                .supplies()
                .states()
                .getFirst()
                .battery()
                .orElseThrow()
                .requiredAmpHours();
        assertThat(found(after(job(), battery(needed * 1.2)), "battery-short:Panel"))
                .isEmpty();
    }

    @Test
    void aBatteryItsSupplyCannotChargeIsTooLargeAndSlow() {
        Job job = after(job(), battery(65));
        assertThat(found(job, "battery-too-large:Panel").orElseThrow().why()).contains("7.0 Ah at the most");
        assertThat(found(job, "recharge-slow:Panel")).isPresent();
    }

    @Test
    void moreThanAnOutputOrTheSupplyGivesIsFound() {
        // the terminal gives 100 mA and is asked for 120; the supply gives 1000
        assertThat(found(job(), "output-overloaded:Panel · 12V").orElseThrow().why())
                .contains("120 mA", "100 mA");
        assertThat(found(job(), "supply-overloaded:Panel")).isEmpty();
        Job heavy =
                after(job(), PowerEdits.load(new LoadFigure(new PointId("02"), 20, 2000, LoadFigure.Source.MEASURED)));
        assertThat(found(heavy, "supply-overloaded:Panel")).isPresent();
    }

    @Test
    void aFarDetectorFallsShortAndCollapseIsNamed() {
        Job far = after(job(), battery(7), Edits.cableMetres(new CableId("C-02"), 600));
        Finding finding = found(far, "volts-short:02").orElseThrow();
        assertThat(finding.point()).isEqualTo(Optional.of(new PointId("02")));
        assertThat(finding.why()).contains("needs 10.5 V");
        Job heavy = after(far, PowerEdits.load(new LoadFigure(new PointId("02"), 20, 2000, LoadFigure.Source.SHEET)));
        assertThat(found(heavy, "volts-short:02").orElseThrow().why()).contains("no voltage is left");
    }

    @Test
    void loadsBeyondAnyBatteryAreExplained() {
        Job beyond = after(
                job(),
                PowerEdits.load(new LoadFigure(new PointId("01"), 20_000, 20_000, LoadFigure.Source.SHEET)),
                PowerEdits.load(new LoadFigure(new PointId("02"), 20_000, 20_000, LoadFigure.Source.SHEET)));
        Assessment assessment = assess(beyond);
        assertThat(assessment.findings()).noneMatch(finding -> finding.why().contains("NaN"));
        assertThat(found(beyond, "supply-overloaded:Panel")).isPresent();
    }

    @Test
    void theShareInAlarmCountsWhereverAFigureIsFrom() {
        // board 30, two detectors of 12 and 40, one measured at 20 and 60: half of what each takes more
        Job half = after(
                job(),
                PowerEdits.load(new LoadFigure(new PointId("02"), 20, 60, LoadFigure.Source.MEASURED)),
                PowerEdits.alarmShare(50));
        assertThat(assess(half).supplies().states().getFirst().milliamps(true)).isEqualTo(30 + 2 * (12 + 14) + 20 + 20);
    }

    private static double ruleHours(Job job) {
        return assess(job)
                .supplies()
                .states()
                .getFirst()
                .battery()
                .orElseThrow()
                .ruleHours();
    }

    @Test
    void theShorterStandbyHoldsOnlyWhereAMainsFailureReachesTheStation() {
        Job reported = after(
                job(),
                PracticeEdits.figure("", RuleFigure.STANDBY_HOURS, 60),
                PracticeEdits.figure("", RuleFigure.STANDBY_HOURS_REPORTED, 30));
        assertThat(ruleHours(reported)).isEqualTo(30);
        // the receiver is in the list and not on the route
        Job noRoute = reported.withReceivers(List.of());
        assertThat(ruleHours(noRoute)).isEqualTo(60);
        Job noAccount = after(reported, Edits.account(1, ""), Edits.account(2, ""));
        assertThat(ruleHours(noAccount)).isEqualTo(60);
        Job untold = SetupEdits.decide(Decision.REPORT_TROUBLES, 0, "no").on(reported);
        assertThat(ruleHours(untold)).isEqualTo(60);
        assertThat(found(after(untold, battery(1.2)), "battery-short:Panel")
                        .orElseThrow()
                        .why())
                .contains("30 h only where a mains failure reaches the station");
    }

    @Test
    void aBatteryWithoutADateOrDatedAheadIsFound() {
        assertThat(found(after(job(), battery(7)), "battery-undated:Panel")
                        .orElseThrow()
                        .grade())
                .isEqualTo(Grade.NOTE);
        LocalDate today = LocalDate.of(2026, 6, 1);
        Job ahead = after(
                job(),
                PowerEdits.battery(
                        new Battery(new ModuleId("Panel"), 7, 1, 25, Optional.of(LocalDate.of(2026, 7, 1)))));
        assertThat(new Assessor(SmallJob.EVENTS).on(today).assess(ahead).findings())
                .extracting(Finding::id)
                .contains("battery-dated-ahead:Panel")
                .doesNotContain("battery-undated:Panel", "battery-due:Panel");
    }

    @Test
    void aChargerTooStrongForItsBatteryIsWrong() {
        // 350 mA into 1.2 Ah is 29 % an hour, into 7 Ah 5 %
        Job job = after(job(), PracticeEdits.figure("", RuleFigure.MOST_CHARGE_PERCENT, 25), battery(1.2));
        Finding finding = found(job, "charger-too-strong:Panel").orElseThrow();
        assertThat(finding.why()).contains("350 mA", "29 %", "25 %");
        assertThat(finding.remedy()).contains("1.4 Ah or more");
        assertThat(found(after(job, battery(7)), "charger-too-strong:Panel")).isEmpty();
    }

    @Test
    void aSiteWithoutASounderIsFound() {
        assertThat(found(job(), "no-sounder").orElseThrow().grade()).isEqualTo(Grade.NOTE);
    }

    @Test
    void aDropThatIsNotKnownIsNotedUntilTheProfileSaysIt() {
        assertThat(found(job(), "supply-drop-unknown:Panel").orElseThrow().grade())
                .isEqualTo(Grade.NOTE);
    }

    @Test
    void aRouteThatTakesLongerThanTheRuleIsWrong() {
        // 2 tries of 1 s at one receiver; the rule allows 12 s
        assertThat(found(job(), "answer-too-late")).isEmpty();
        Job slow = job().withCommunicator(new Communicator("C", List.of(TransmissionPath.of(PathKind.IP, 3, 5000))));
        assertThat(found(slow, "answer-too-late").orElseThrow().says())
                .isEqualTo("An answer may take 15 s; the rule allows 12 s");
    }

    @Test
    void aTestThatIsRarerThanTheReportingClassAsksForIsWrong() {
        Job weekly = after(
                job(),
                PracticeEdits.figure("", RuleFigure.TEST_HOURS, 168),
                PracticeEdits.figure("", RuleFigure.REPORTING_HOURS, 25));
        assertThat(found(weekly, "beyond-rule:TEST_INTERVAL 0 class")).isEmpty();
        Job decided = SetupEdits.decide(Decision.TEST_INTERVAL, 0, "168").on(weekly);
        assertThat(found(decided, "beyond-rule:TEST_INTERVAL 0")).isEmpty();
        assertThat(found(decided, "beyond-rule:TEST_INTERVAL 0 class")
                        .orElseThrow()
                        .why())
                .contains("the reporting class");
    }

    private static Edit measured(SupplyReading.Quantity what, double value, int day) {
        return PowerEdits.measured(
                new SupplyReading(new ModuleId("Panel"), what, value, Instant.EPOCH.plusSeconds(86_400L * day)));
    }

    @Test
    void readingsAreHeldAgainstWhatWasComputedAndAgainstTheFirst() {
        // 66 mA are computed; 15 % either way is 56.1 to 75.9
        Job fine = after(job(), measured(SupplyReading.Quantity.STANDING_MILLIAMPS, 60, 0));
        assertThat(found(fine, "supply-off:STANDING_MILLIAMPS:Panel")).isEmpty();
        Job drifted = after(fine, measured(SupplyReading.Quantity.STANDING_MILLIAMPS, 72, 400));
        assertThat(found(drifted, "supply-drifted:STANDING_MILLIAMPS:Panel")
                        .orElseThrow()
                        .why())
                .isEqualTo("It was 60 mA and is 72 mA.");
        Job off = after(job(), measured(SupplyReading.Quantity.FLOAT_VOLTS, 13.1, 0));
        assertThat(found(off, "supply-off:FLOAT_VOLTS:Panel").orElseThrow().why())
                .isEqualTo("It reads 13.1 V; it should be from 13.5 V to 13.8 V.");
    }

    @Test
    void aBatteryWhoseInsideHasGrownIsWorn() {
        // (12.9 − 12.8) V / 1 A is 100 mΩ; (12.8 − 12.6) V / 1 A is 200 mΩ
        Job first = after(
                job(),
                measured(SupplyReading.Quantity.ALARM_MILLIAMPS, 1000, 0),
                measured(SupplyReading.Quantity.RESTED_VOLTS, 12.9, 0),
                measured(SupplyReading.Quantity.LOADED_VOLTS, 12.8, 0));
        assertThat(found(first, "battery-worn:Panel")).isEmpty();
        Job later = after(
                first,
                measured(SupplyReading.Quantity.RESTED_VOLTS, 12.8, 900),
                measured(SupplyReading.Quantity.LOADED_VOLTS, 12.6, 900));
        assertThat(found(later, "battery-worn:Panel").orElseThrow().why())
                .isEqualTo("Its internal resistance was 100 mΩ and is 200 mΩ.");
    }

    @Test
    void cablesThatFeedEachOtherAreFound() {
        Job job = after(
                job(),
                CablingEdits.throughJoint(List.of(new CableId("C-02")), new JointId("J-1"), SmallJob.THIN),
                CablingEdits.throughJoint(List.of(new CableId("C-03")), new JointId("J-2"), SmallJob.THIN));
        String first = toJoint(job, "J-1");
        String second = toJoint(job, "J-2");
        Job circle = after(
                job,
                CablingEdits.ends(
                        new CableId(first),
                        io.answerback.core.cable.CableEnds.toJoint(new JointId("J-1"))
                                .startingAt(Optional.of(new JointId("J-2")))),
                CablingEdits.ends(
                        new CableId(second),
                        io.answerback.core.cable.CableEnds.toJoint(new JointId("J-2"))
                                .startingAt(Optional.of(new JointId("J-1")))));
        assertThat(found(circle, "supply-circle:" + first).orElseThrow().why()).contains("no supply reaches it");
        assertThat(found(job, "supply-circle:" + first)).isEmpty();
    }

    private static String toJoint(Job job, String joint) {
        return job.cables().stream()
                .filter(cable -> cable.ends().joint().equals(Optional.of(new JointId(joint))))
                .findFirst()
                .orElseThrow()
                .id()
                .text();
    }

    @Test
    void aDeviceOfWhichTheLeastVoltsAreNotKnownIsNotedWithWhatItGets() {
        var powering = new Powering(12, 40, 0, 30);
        PointKind unknown = SmallParts.pointKind(
                "x",
                "x",
                POWERED.family(),
                POWERED.words(),
                POWERED.contact(),
                POWERED.outputs(),
                true,
                false,
                Optional.of(powering));
        Job job = after(job(), PointEdits.change("", Set.of(new PointId("02")), point -> point.withKind(unknown)));
        assertThat(found(job(), "least-volts-unknown:Panel")).isEmpty();
        Finding finding = found(job, "least-volts-unknown:Panel").orElseThrow();
        assertThat(finding.grade()).isEqualTo(Grade.NOTE);
        // 100 m of 92 Ω/km at 20 °C there and back, 40 mA
        assertThat(finding.why()).contains("02 Store door", "%.2f V".formatted(10.5 - 0.04 * 18.4));
    }
}
