package io.answerback.core.wiring.cores;

import static io.answerback.core.testing.SmallBox.POWERED;
import static io.answerback.core.testing.SmallBox.SIX;
import static io.answerback.core.testing.SmallBox.STRIP;
import static io.answerback.core.testing.SmallBox.job;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.cable.CableInstallation.Progress;
import io.answerback.core.model.cable.TerminatedCore;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.profile.Terminal;
import io.answerback.core.model.site.Job;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.testing.SmallKinds;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cabling.StepRun;
import io.answerback.core.wiring.cabling.WiringRun;
import io.answerback.core.wiring.cabling.WiringStep;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/// What comes to which terminal of a box, in which order, and what it has no terminal for.
class TerminalsTest extends PlannedCores {
    @Test
    void moreSuppliesThanATerminalHoldsGoThroughABlock() {
        Job job = PointEdits.change(
                        "",
                        Set.of(new PointId("01"), new PointId("02"), new PointId("03")),
                        point -> point.withKind(POWERED))
                .on(job(SIX));
        assertThat(termination(job, "C-01", CoreUse.SUPPLY)).isEqualTo(new CoreTermination.Under(0, true));
        assertThat(box(job).under(0)).hasSize(3);
        Job two = PointEdits.change("", Set.of(new PointId("03")), point -> point.withKind(SmallKinds.DOOR))
                .on(job);
        assertThat(termination(two, "C-01", CoreUse.SUPPLY)).isEqualTo(new CoreTermination.Under(0, false));
    }

    @Test
    void moreMilliampsThanATerminalGivesAreFound() {
        // three times 40 mA in alarm on a terminal of 100 mA
        Job job = PointEdits.change(
                        "",
                        Set.of(new PointId("01"), new PointId("02"), new PointId("03")),
                        point -> point.withKind(POWERED))
                .on(job(SIX));
        assertThat(box(job).cablesUnder(0))
                .containsExactly(new CableId("C-01"), new CableId("C-02"), new CableId("C-03"));
        assertThat(atCable(job)).contains("terminal-overloaded:Panel:0");
        Job two = PointEdits.change("", Set.of(new PointId("03")), point -> point.withKind(SmallKinds.DOOR))
                .on(job);
        assertThat(atCable(two)).doesNotContain("terminal-overloaded:Panel:0");
    }

    @Test
    void whatABoxHasNoTerminalForIsFound() {
        List<Terminal> withoutRing = STRIP.subList(0, 8);
        Job job = job(SIX, withoutRing);
        assertThat(termination(job, "C-01", CoreUse.TAMPER)).isInstanceOf(CoreTermination.Nowhere.class);
        // the ring has no end to begin at and none to come back to; in between it is joined
        assertThat(atCable(job))
                .contains("no-terminal:C-01", "no-terminal:C-03")
                .doesNotContain("no-terminal:C-02");
        assertThat(atCable(job(SIX))).noneMatch(id -> id.startsWith("no-terminal"));
    }

    @Test
    void theSecondOfTwoZonesBeginsWhereTheFirstEnds() {
        Job job = LoopEdits.shareInput(new PointId("02"), new PointId("01")).on(job(SIX));
        assertThat(termination(job, "C-01", CoreUse.LOOP_RETURN))
                .isEqualTo(new CoreTermination.Joined(new CableId("C-02"), "yellow"));
        assertThat(termination(job, "C-02", CoreUse.LOOP))
                .isEqualTo(new CoreTermination.Joined(new CableId("C-01"), "green"));
        assertThat(termination(job, "C-02", CoreUse.LOOP_RETURN)).isEqualTo(new CoreTermination.Under(3, false));
    }

    @Test
    void aRunGoesAlongTheStripAndEveryJointIsOneStep() {
        StepRun<WiringStep> run = WiringRun.of(box(job(SIX)), WiringRun.Order.ALONG_THE_STRIP);
        assertThat(run.steps())
                .extracting(WiringStep::order)
                .containsExactly(
                        "Yellow of C-01 to input 1",
                        "Green of C-01 to 0V beside 1",
                        "Green of C-02 to 0V beside 1",
                        "Yellow of C-02 to input 2",
                        "Yellow of C-03 to input 3",
                        "Green of C-03 to 0V beside 3",
                        "Blue of C-01 to T beside 4",
                        "White of C-03 to T on the right",
                        "White of C-01 to blue of C-02",
                        "White of C-02 to blue of C-03");
        assertThat(WiringRun.of(box(job(SIX)), WiringRun.Order.CABLE_BY_CABLE).steps())
                .extracting(WiringStep::cableId)
                .isSorted();
    }

    @Test
    void whatWasPutInPlaceIsDoneUntilThePlanMovesIt() {
        Job job = CableEdits.terminated(
                        new CableId("C-01"),
                        new TerminatedCore(CableEnd.NEAR, "yellow", "input 1", Instant.EPOCH),
                        false)
                .on(job(SIX));
        StepRun<WiringStep> run = WiringRun.of(box(job), WiringRun.Order.ALONG_THE_STRIP);
        assertThat(run.done()).isEqualTo(1);
        assertThat(run.next(0).orElseThrow().order()).isEqualTo("Green of C-01 to 0V beside 1");
        assertThat(atCable(job)).doesNotContain("core-elsewhere:C-01:yellow");
        Job moved = CapacityEdits.wire(new PointId("01"), Optional.of(new InputId("P.4")))
                .on(job);
        assertThat(atCable(moved)).contains("core-elsewhere:C-01:yellow");
        assertThat(WiringRun.of(box(moved), WiringRun.Order.ALONG_THE_STRIP).done())
                .isZero();
    }

    @Test
    void withItsLastCoreACableIsTerminated() {
        Job job = CableEdits.terminated(
                        new CableId("C-01"),
                        new TerminatedCore(CableEnd.NEAR, "yellow", "input 1", Instant.EPOCH),
                        true)
                .on(job(SIX));
        assertThat(job.cableTo(new PointId("01")).orElseThrow().installation().progress())
                .isEqualTo(Progress.TERMINATED);
    }
}
