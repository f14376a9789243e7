package io.answerback.core.wiring.cores;

import static io.answerback.core.testing.SmallBox.FOUR;
import static io.answerback.core.testing.SmallBox.POWERED;
import static io.answerback.core.testing.SmallBox.SIX;
import static io.answerback.core.testing.SmallBox.job;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.memo.Memo;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.cable.CableInstallation.Progress;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.testing.Found;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cabling.CablingEdits;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/// Where the cores of the small box go.
class CorePlanTest extends PlannedCores {
    @Test
    void loopsLandOnTheirInputsAndShareTheirReturns() {
        Job job = job(SIX);
        assertThat(termination(job, "C-02", CoreUse.LOOP)).isEqualTo(new CoreTermination.Under(4, false));
        assertThat(termination(job, "C-02", CoreUse.LOOP_RETURN)).isEqualTo(new CoreTermination.Under(3, false));
        assertThat(box(job).under(3))
                .containsExactly(new CoreEnd(new CableId("C-01"), "green"), new CoreEnd(new CableId("C-02"), "green"));
        // a contact takes no supply: red and black are kept
        assertThat(CorePlan.of(job).cable(new CableId("C-02")).orElseThrow().spares())
                .extracting(PlannedCore::colour)
                .containsExactly("red", "black");
    }

    @Test
    void theRingGoesFromOneTerminalThroughEveryCoverToTheOther() {
        Job job = job(SIX);
        assertThat(box(job).ring().joined())
                .containsExactly(new CableId("C-01"), new CableId("C-02"), new CableId("C-03"));
        assertThat(termination(job, "C-01", CoreUse.TAMPER)).isEqualTo(new CoreTermination.Under(8, false));
        assertThat(termination(job, "C-01", CoreUse.TAMPER_RETURN))
                .isEqualTo(new CoreTermination.Joined(new CableId("C-02"), "blue"));
        assertThat(termination(job, "C-02", CoreUse.TAMPER))
                .isEqualTo(new CoreTermination.Joined(new CableId("C-01"), "white"));
        assertThat(termination(job, "C-03", CoreUse.TAMPER_RETURN)).isEqualTo(new CoreTermination.Under(9, false));
    }

    @Test
    void aCoverThatIsLeftOutIsNamedWithItsMend() {
        Job job = CableEdits.installation("", new CableId("C-03"), installation -> installation.withInRing(false))
                .on(job(SIX));
        assertThat(box(job).ring().leftOut()).containsExactly(new CableId("C-03"));
        assertThat(termination(job, "C-02", CoreUse.TAMPER_RETURN)).isEqualTo(new CoreTermination.Under(9, false));
        Finding found = new Assessor(SmallJob.EVENTS)
                .assess(job).findings().stream()
                        .filter(finding -> finding.id().equals("outside-ring:C-03"))
                        .findFirst()
                        .orElseThrow();
        assertThat(found.remedy())
                .isEqualTo(
                        "Open the joint where the ring comes back from C-02, and put the pair of C-03 in series there.");
    }

    @Test
    void theMendIsWhereTheRingWouldGoThroughIt() {
        TamperRing ring = new TamperRing(
                List.of(new CableId("C-01"), new CableId("C-02"), new CableId("C-03"), new CableId("C-04")),
                List.of(new CableId("C-01"), new CableId("C-03")));
        assertThat(ring.before(new CableId("C-01"))).isEmpty();
        assertThat(ring.before(new CableId("C-03"))).contains(new CableId("C-02"));
        Job job = CableEdits.installation("", new CableId("C-01"), installation -> installation.withInRing(false))
                .on(job(SIX));
        assertThat(new Assessor(SmallJob.EVENTS).assess(job).findings())
                .filteredOn(finding -> finding.id().equals("outside-ring:C-01"))
                .extracting(Finding::remedy)
                .containsExactly(
                        "Open the ring where it begins, before C-02, and put the pair of C-01 in series there.");
    }

    @Test
    void tooFewCoresSayWhoSuffersAndWhatToDo() {
        Job job = PointEdits.change("", Set.of(new PointId("02")), point -> point.withKind(POWERED))
                .on(job(FOUR));
        CableCores cable = CorePlan.of(job).cable(new CableId("C-02")).orElseThrow();
        assertThat(cable.lacking()).extracting(CoreNeed::use).containsExactly(CoreUse.TAMPER, CoreUse.TAMPER_RETURN);
        assertThat(atCable(job)).contains("cores-short:C-02", "outside-ring:C-02");
        Job watched = LoopEdits.parts("", new PointId("02"), wiring -> wiring.withScheme(SchemeKind.DOUBLE_END_OF_LINE))
                .on(job);
        assertThat(atCable(watched)).doesNotContain("cores-short:C-02", "outside-ring:C-02");
    }

    @Test
    void aCableWithoutATypeIsLeftOutAndSaidSo() {
        Job job = SmallJob.job();
        assertThat(CorePlan.of(job).cable(new CableId("C-01")).orElseThrow().cores())
                .isEmpty();
        assertThat(atCable(job)).contains("cable-undecided", "box-without-terminals:Panel");
        assertThat(Found.in(job, "box-without-terminals:Panel").orElseThrow().grade())
                .as("whether each core has a place is not known")
                .isEqualTo(Grade.TIGHT);
    }

    @Test
    void theSmallestTypeThatIsEnoughIsChosen() {
        Job bare = CableEdits.installation(
                        "",
                        new CableId("C-01"),
                        installation -> io.answerback.core.model.cable.CableInstallation.PLANNED)
                .on(job(SIX));
        Job chosen = CableEdits.chooseTypes(List.of(FOUR, SIX)).on(bare);
        // loop and tamper pair
        assertThat(chosen.cableTo(new PointId("01"))
                        .orElseThrow()
                        .installation()
                        .type())
                .contains(FOUR);
    }

    @Test
    void anUnlabelledCableIsFoundOnceItIsRun() {
        Job run = CableEdits.installation(
                        "",
                        new CableId("C-01"),
                        installation -> installation.withLabels(true, false).withProgress(Progress.RUN))
                .on(job(SIX));
        assertThat(atCable(run)).contains("cable-unlabelled:C-01");
        assertThat(atCable(CableEdits.installation(
                                "", new CableId("C-01"), installation -> installation.withLabels(true, true))
                        .on(run)))
                .doesNotContain("cable-unlabelled:C-01");
    }

    @Test
    void aCableThatIsNotForItsPlaceIsWrong() {
        Job out = CableEdits.installation(
                        "",
                        new CableId("C-01"),
                        installation -> installation.withRoute("along the yard wall", true, true))
                .on(job(SIX));
        assertThat(atCable(out)).contains("cable-unfit:C-01", "cable-beside-mains:C-01");
    }

    /// Whatever is edited, a plan that takes over what it can is the plan made from nothing.
    @Property(tries = 100)
    void whatIsTakenOverIsWhatWouldBePlanned(@ForAll List<@IntRange(max = 9) Integer> edits) {
        Job job = job(SIX);
        Memo memo = new Memo();
        for (int which : edits) {
            job = edit(which).on(job);
            CorePlan plan = memo.read(job, Map.of(), facts -> facts.of(CorePlan.FACT));
            CorePlan fresh = CorePlan.of(job);
            assertThat(plan.boxes()).isEqualTo(fresh.boxes());
            for (Cable cable : job.cables()) {
                assertThat(plan.at(cable, CableEnd.FAR)).isEqualTo(fresh.at(cable, CableEnd.FAR));
            }
        }
    }

    private static Edit edit(int which) {
        return switch (which) {
            case 0 -> CableEdits.installation("", new CableId("C-01"), installation -> installation.withType(FOUR));
            case 1 ->
                CableEdits.installation(
                        "", new CableId("C-03"), installation -> installation.withInRing(!installation.inRing()));
            case 2 -> CapacityEdits.wire(new PointId("02"), Optional.of(new InputId("P.4")));
            case 3 ->
                LoopEdits.parts("", new PointId("01"), wiring -> wiring.withScheme(SchemeKind.DOUBLE_END_OF_LINE));
            case 4 -> PracticeEdits.option("", PracticeOption.PER_ZONE);
            case 5 -> new Edit("share", CorePlanTest::sharing);
            case 6 -> CablingEdits.throughJoint(List.of(new CableId("C-03")), new JointId("J-1"), SmallJob.THIN);
            case 7 -> CablingEdits.add(CableEnds.toPoints(List.of(new PointId("03"))), SmallJob.THIN);
            case 8 -> CableEdits.foundUse(new CableId("C-01"), "red", Optional.of(CoreUse.TAMPER));
            default -> PointEdits.name(new PointId("02"), "Side door");
        };
    }

    private static Job sharing(Job job) {
        boolean shared = job.inputs().stream().anyMatch(input -> input.shares().isPresent());
        return shared
                ? job
                : LoopEdits.shareInput(new PointId("02"), new PointId("01")).on(job);
    }
}
