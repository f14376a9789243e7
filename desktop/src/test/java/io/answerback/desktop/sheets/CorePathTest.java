package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.cable.CableInstallation;
import io.answerback.core.model.cable.CableInstallation.Progress;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cabling.CablingEdits;
import io.answerback.desktop.cable.CableSheet;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// Cores followed from one end to the other, and what was found of them.
class CorePathTest extends DemoSheets {
    private CableInstallation installation(String cable) {
        return job().cable(new CableId(cable)).orElseThrow().installation();
    }

    private void open(CableSheet sheet) {
        benches.cable().open(sheet);
    }

    @Test
    void aCoreIsFollowedToItsDeviceAndBack() {
        at(Stop.CABLE, "16");
        click("green, loop return: follow it");
        assertThat(reads("C-06 green") && reads("0V beside 7")).isTrue();
        click("16 Office key switch, alarm out: go there");
        assertThat(reads("16 Office key switch · 1 cable")).isTrue();
        assertThat(openJob.now().focus().end()).isEqualTo(CableEnd.FAR);
        click("Other end: Panel");
        assertThat(reads("Panel · 14 cables")).isTrue();
        assertThat(openJob.now().focus().core()).isEqualTo("green");
    }

    @Test
    void aJointBoxOnTheWayIsAddedWithItsCableAndFollowedThrough() {
        at(Stop.CABLE, "16");
        open(CableSheet.CABLES);
        click("Joint box on its way");
        assertThat(job().cable(new CableId("C-06")).orElseThrow().ends().from()).contains(new JointId("J-1"));
        String trunk = job().cables().getLast().id().text();
        openJob.apply(CableEdits.installation(
                "type",
                new CableId(trunk),
                its -> its.withType(installation("C-06").type().orElseThrow())));
        open(CableSheet.BOX);
        openJob.focus(job().cable(new CableId("C-06")).orElseThrow(), CableEnd.FAR, "yellow");
        assertThat(reads(trunk + " yellow") && reads("C-06 yellow") && reads("input 7"))
                .isTrue();
        undo();
        undo();
        assertThat(job().cable(new CableId(trunk)).isEmpty()).isTrue();
    }

    @Test
    void aCoreFoundInTheWrongPlaceIsNotedAndMended() {
        at(Stop.CABLE, "02");
        click("red, supply +: follow it");
        choose("Where red is", "input 2");
        assertThat(finds("core-elsewhere:C-02:red") && reads("is at input 2")).isTrue();
        choose("Where red is", "12V, via terminal block");
        assertThat(!finds("core-elsewhere:C-02:red")).isTrue();
    }

    @Test
    void anOldCableKeepsTheUsesItWasFoundWith() {
        at(Stop.CABLE, "15");
        click("brown, spare: follow it");
        choose("Use of brown", "loop");
        assertThat(installation("C-05").asFound().uses().get("brown") == CoreUse.LOOP)
                .isTrue();
        assertThat(reads("As the convention has it")).isTrue();
        click("As the convention has it");
        assertThat(installation("C-05").asFound().uses().isEmpty()).isTrue();
    }

    @Test
    void cablesArePulledAndLabelledRoomByRoomByKeyboard() {
        at(Stop.CABLE, "18");
        openJob.apply(CableEdits.installation(
                "",
                List.of(new CableId("C-14"), new CableId("C-41")),
                its -> CableInstallation.PLANNED.withType(its.type().orElseThrow())));
        open(CableSheet.RUN);
        choose("Order of the run", "first fix, room by room");
        assertThat(reads("Run C-41 from Panel to Expander 1")).isTrue();
        keys().done().run();
        assertThat(reads("Label C-41 at both ends")).isTrue();
        assertThat(installation("C-41").reached()).isEqualTo(Progress.RUN);
        keys().done().run();
        assertThat(reads("Run C-14 from Expander 1 to 18 Dock office movement")).isTrue();
        assertThat(installation("C-41").reached()).isEqualTo(Progress.LABELLED);
        keys().takeBack().run();
        assertThat(reads("Label C-41 at both ends")).isTrue();
    }

    @Test
    void anUnusedInputIsTheLastStepOfItsBox() {
        at(Stop.CABLE, "16");
        openJob.apply(Edits.unusedFitted(new InputId("Panel.8"), UnusedTermination.NOTHING));
        assertThat(finds("unused-input:Panel.8")).isTrue();
        open(CableSheet.RUN);
        while (!reads("A 2k2 resistor from input 8 to 0V beside 7") || reads("Then")) {
            keys().done().run();
        }
        keys().done().run();
        assertThat(reads("Everything is terminated")).isTrue();
        assertThat(finds("unused-input:Panel.8")).isFalse();
    }

    @Test
    void aModuleWithAnAerialInSteelIsFound() {
        at(Stop.CABLE, "16");
        openJob.focus(io.answerback.desktop.work.Focus.on(new ModuleId("Communicator")));
        click("in or beside metal");
        assertThat(finds("aerial-in-metal:Communicator")).isTrue();
    }

    @Test
    void modulesWithoutACableGetOne() {
        at(Stop.CABLE, "16");
        openJob.apply(CablingEdits.remove(new CableId("C-47")));
        assertThat(finds("module-without-cable")).isTrue();
        open(CableSheet.CABLES);
        click("Cable to every module");
        assertThat(!finds("module-without-cable")).isTrue();
        assertThat(job().cables().getLast().ends().module()).isEqualTo(Optional.of(new ModuleId("Sounder")));
    }
}
