package io.answerback.core.assess;

import static io.answerback.core.testing.SmallBox.POWERED;
import static io.answerback.core.testing.SmallBox.SIX;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.edit.PowerEdits;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.device.Powering;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.power.LoadFigure;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.site.Communicator;
import io.answerback.core.model.site.Job;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyState;
import io.answerback.core.testing.SmallBox;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallParts;
import io.answerback.core.wiring.cabling.CablingEdits;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/// What is found of supplies, and gone when it is mended.
class PowerRulesTest extends PoweredJob {
    @Test
    void theLoadListAddsUp() {
        // board 30 mA, three detectors of 12 and 40 mA
        SupplyState panel = assess(job()).get(Supplies.FACT).states().getFirst();
        assertThat(panel.milliamps(false)).isEqualTo(66);
        assertThat(panel.milliamps(true)).isEqualTo(150);
        Job half = after(job(), PowerEdits.alarmShare(50));
        assertThat(assess(half).get(Supplies.FACT).states().getFirst().milliamps(true))
                .isEqualTo(108);
        Job typed = after(job(), PowerEdits.load(new LoadFigure(new PointId("02"), 20, 50, LoadFigure.Source.SHEET)));
        assertThat(assess(typed).get(Supplies.FACT).states().getFirst().milliamps(true))
                .isEqualTo(160);
    }

    @Test
    void aSupplyOfWhichNothingIsKnownIsNoted() {
        assertThat(found(SmallBox.job(SIX), "supply-unknown").orElseThrow().grade())
                .isEqualTo(Grade.NOTE);
        assertThat(found(job(), "supply-unknown")).isEmpty();
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
    void theShareInAlarmCountsWhereverAFigureIsFrom() {
        // board 30, two detectors of 12 and 40, one measured at 20 and 60: half of what each takes more
        Job half = after(
                job(),
                PowerEdits.load(new LoadFigure(new PointId("02"), 20, 60, LoadFigure.Source.MEASURED)),
                PowerEdits.alarmShare(50));
        assertThat(assess(half).get(Supplies.FACT).states().getFirst().milliamps(true))
                .isEqualTo(30 + 2 * (12 + 14) + 20 + 20);
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
                        io.answerback.core.model.cable.CableEnds.toJoint(new JointId("J-1"))
                                .startingAt(Optional.of(new JointId("J-2")))),
                CablingEdits.ends(
                        new CableId(second),
                        io.answerback.core.model.cable.CableEnds.toJoint(new JointId("J-2"))
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
