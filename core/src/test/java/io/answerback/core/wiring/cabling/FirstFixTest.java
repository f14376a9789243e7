package io.answerback.core.wiring.cabling;

import static io.answerback.core.testing.SmallBox.SIX;
import static io.answerback.core.testing.SmallBox.job;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.model.cable.CableInstallation.Progress;
import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Panel;
import io.answerback.core.testing.Found;
import io.answerback.core.testing.SmallBands;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallParts;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CorePlan;
import java.util.List;
import org.junit.jupiter.api.Test;

class FirstFixTest {
    private static StepRun<FixStep> run(Job job) {
        return FirstFix.of(job, CorePlan.of(job));
    }

    @Test
    void cablesBetweenBoxesComeFirstThenRoomByRoomEachLabelledBeforeTheNext() {
        Job job = CablingEdits.throughJoint(List.of(new CableId("C-02")), new JointId("J-1"), SmallJob.THIN)
                .on(job(SIX));
        assertThat(FirstFix.rooms(job).keySet()).containsExactly("Between boxes", "01 Front", "02 Back");
        assertThat(run(job).steps())
                .extracting(FixStep::order)
                .startsWith(
                        "Run C-04 from Panel to J-1", "Label C-04 at both ends", "Run C-01 from Panel to 01 Entrance")
                .endsWith("Label C-03 at both ends");
    }

    @Test
    void whatIsDoneIsPassedOver() {
        Job job = job(SIX);
        FixStep pull = run(job).next(0).orElseThrow();
        Job pulled = CableEdits.fixed(pull).on(job);
        assertThat(pulled.cable(new CableId("C-01"))
                        .orElseThrow()
                        .installation()
                        .reached())
                .isEqualTo(Progress.RUN);
        FixStep label = run(pulled).next(0).orElseThrow();
        assertThat(label.order()).isEqualTo("Label C-01 at both ends");
        Job labelled = CableEdits.fixed(label).on(pulled);
        assertThat(labelled.cable(new CableId("C-01"))
                        .orElseThrow()
                        .installation()
                        .reached())
                .isEqualTo(Progress.LABELLED);
        assertThat(run(labelled).next(0).orElseThrow().order()).startsWith("Run C-02");
    }

    @Test
    void aWayOutdoorsIsACaution() {
        Job job = CableEdits.installation(
                        "",
                        new CableId("C-01"),
                        installation -> installation.withRoute("along the yard wall", true, false))
                .on(job(SIX));
        FixStep pull = run(job).steps().getFirst();
        assertThat(pull.caution()).isTrue();
        assertThat(pull.mind()).contains("along the yard wall", "drip loop");
    }

    @Test
    void anInputKeptForDetectorsThatCloseIsOrderedNoLink() {
        Job job = keptForFire(SmallJob.profile(List.of(SmallBands.CLOSED, SmallBands.OPEN)));
        assertThat(UnusedInputs.of(job))
                .extracting(UnusedInputs.Unused::needs)
                .containsExactly(UnusedTermination.NOTHING);
    }

    @Test
    void anInputThatReadsNoSchemeOfTheHouseIsFound() {
        Job job = keptForFire(SmallJob.profile(List.of(SmallBands.CLOSED)));
        assertThat(UnusedInputs.of(job)).isEmpty();
        assertThat(Found.in(job, "unused-input-unread:P.4").orElseThrow().says())
                .isEqualTo("Panel · 4 cannot read how it is left");
    }

    @Test
    void aLinkOrTheResistorIsFittedAsTheHouseChooses() {
        Job job = PracticeEdits.option("", PracticeOption.LINK)
                .on(SmallJob.job()
                        .withPanel(new Panel("P", SmallJob.profile(List.of(SmallBands.DOUBLE, SmallBands.CLOSED)))));
        assertThat(UnusedInputs.of(job)).extracting(UnusedInputs.Unused::needs).containsExactly(UnusedTermination.LINK);
        assertThat(UnusedInputs.of(
                        PracticeEdits.option("", PracticeOption.RESISTOR).on(job)))
                .extracting(UnusedInputs.Unused::needs)
                .containsExactly(UnusedTermination.RESISTOR);
    }

    private static Job keptForFire(PanelProfile profile) {
        ModuleKind board = profile.board();
        ModuleKind kept = SmallParts.kind(
                board.id(),
                board.name(),
                board.sort(),
                board.inputs(),
                board.mostOf(),
                board.addresses(),
                board.milliamps(),
                board.boxes(),
                board.ownSupply(),
                board.radioBand(),
                List.of(new ModuleKind.ReservedInput(4, KindFamily.FIRE, false)),
                board.ownInputs());
        List<ModuleKind> modules = profile.modules().stream()
                .map(kind -> kind.id().equals(board.id()) ? kept : kind)
                .toList();
        return SmallJob.job()
                .withPanel(new Panel(
                        "P",
                        SmallParts.profile("p", "p", 5, 4700, 30, profile.schemes(), profile.capacity(), "", modules)));
    }

    @Test
    void anUnusedInputIsAJobAtItsBox() {
        Job job = Edits.unusedFitted(new InputId("P.4"), UnusedTermination.NOTHING)
                .on(job(SIX));
        BoxPlan box = CorePlan.of(job).boxes().getFirst();
        // the house's scheme is a double end-of-line of 2k2
        assertThat(UnusedInputs.steps(job, box))
                .containsExactly(
                        new UnusedStep(new InputId("P.4"), "A 2k2 resistor from input 4 to 0V beside 3", false));
        Job fitted = CableEdits.terminateUnused(new InputId("P.4")).on(job);
        assertThat(UnusedInputs.steps(fitted, box)).allMatch(UnusedStep::done);
    }
}
