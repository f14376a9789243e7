package io.answerback.desktop;

import static io.answerback.desktop.Screen.choose;
import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.named;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.cable.CableEnd;
import io.answerback.core.cable.CableInstallation;
import io.answerback.core.cable.CableInstallation.Progress;
import io.answerback.core.cabling.CableEdits;
import io.answerback.core.edit.CablingEdits;
import io.answerback.core.edit.Edits;
import io.answerback.core.finding.Stop;
import io.answerback.core.id.CableId;
import io.answerback.core.id.InputId;
import io.answerback.core.id.JointId;
import io.answerback.core.id.ModuleId;
import io.answerback.core.practice.CoreUse;
import io.answerback.core.profile.UnusedTermination;
import io.answerback.desktop.cable.CableSheet;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// Cores followed from one end to the other, and what was found of them.
class CorePathWindowTest extends DemoWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private CableInstallation installation(String cable) {
        return job().cable(new CableId(cable)).orElseThrow().installation();
    }

    private void open(CableSheet sheet) {
        onScreen(() -> application.benches().cable().open(sheet));
    }

    @Test
    void aCoreIsFollowedToItsDeviceAndBack(FxRobot robot) {
        at(Stop.CABLE, "16");
        click(robot, "green, loop return: follow it");
        until(() -> reads(robot, "C-06 green") && reads(robot, "0V beside 7"));
        robot.clickOn(named(robot, "16 Office key switch, contact out: go there"));
        until(() -> reads(robot, "16 Office key switch · 1 cable"));
        assertThat(application.openJob().now().focus().end()).isEqualTo(CableEnd.FAR);
        click(robot, "Other end: Panel");
        until(() -> reads(robot, "Panel · 14 cables"));
        assertThat(application.openJob().now().focus().core()).isEqualTo("green");
    }

    @Test
    void aJointBoxOnTheWayIsAddedWithItsCableAndFollowedThrough(FxRobot robot) {
        at(Stop.CABLE, "16");
        open(CableSheet.CABLES);
        click(robot, "Joint box on its way");
        until(() ->
                job().cable(new CableId("C-06")).orElseThrow().ends().from().equals(Optional.of(new JointId("J-1"))));
        String trunk = job().cables().getLast().id().text();
        onScreen(() -> application
                .openJob()
                .apply(CableEdits.installation(
                        "type",
                        new CableId(trunk),
                        its -> its.withType(installation("C-06").type().orElseThrow()))));
        open(CableSheet.BOX);
        onScreen(() ->
                application.openJob().focus(job().cable(new CableId("C-06")).orElseThrow(), CableEnd.FAR, "yellow"));
        until(() -> reads(robot, trunk + " yellow") && reads(robot, "C-06 yellow") && reads(robot, "input 7"));
        robot.press(KeyCode.CONTROL).type(KeyCode.Z, KeyCode.Z).release(KeyCode.CONTROL);
        until(() -> job().cable(new CableId(trunk)).isEmpty());
    }

    @Test
    void aCoreFoundInTheWrongPlaceIsNotedAndMended(FxRobot robot) {
        at(Stop.CABLE, "02");
        click(robot, "red, supply +: follow it");
        choose(robot, "Where red is", "input 2");
        until(() -> finds("core-elsewhere:C-02:red") && reads(robot, "is at input 2"));
        choose(robot, "Where red is", "12V, via terminal block");
        until(() -> !finds("core-elsewhere:C-02:red"));
    }

    @Test
    void anOldCableKeepsTheUsesItWasFoundWith(FxRobot robot) {
        at(Stop.CABLE, "15");
        click(robot, "brown, spare: follow it");
        choose(robot, "Use of brown", "loop");
        until(() -> installation("C-05").asFound().uses().get("brown") == CoreUse.LOOP);
        until(() -> reads(robot, "As the convention has it"));
        click(robot, "As the convention has it");
        until(() -> installation("C-05").asFound().uses().isEmpty());
    }

    @Test
    void cablesArePulledAndLabelledRoomByRoomByKeyboard(FxRobot robot) {
        at(Stop.CABLE, "18");
        onScreen(() -> application
                .openJob()
                .apply(CableEdits.installation(
                        "",
                        List.of(new CableId("C-14"), new CableId("C-41")),
                        its -> CableInstallation.PLANNED.withType(its.type().orElseThrow()))));
        open(CableSheet.RUN);
        choose(robot, "Order of the run", "first fix, room by room");
        until(() -> reads(robot, "Run C-41 from Panel to Expander 1"));
        robot.type(KeyCode.ENTER);
        until(() ->
                reads(robot, "Label C-41 at both ends") && installation("C-41").reached() == Progress.RUN);
        robot.type(KeyCode.ENTER);
        until(() -> reads(robot, "Run C-14 from Expander 1 to 18 Dock office movement"));
        assertThat(installation("C-41").reached()).isEqualTo(Progress.LABELLED);
        robot.type(KeyCode.BACK_SPACE);
        until(() -> reads(robot, "Label C-41 at both ends"));
    }

    @Test
    void anUnusedInputIsTheLastStepOfItsBox(FxRobot robot) {
        at(Stop.CABLE, "16");
        onScreen(() ->
                application.openJob().apply(Edits.unusedFitted(new InputId("Panel.8"), UnusedTermination.NOTHING)));
        assertThat(finds("unused-input:Panel.8")).isTrue();
        open(CableSheet.RUN);
        while (!reads(robot, "A 2k2 resistor from input 8 to 0V beside 7") || reads(robot, "Then")) {
            onScreen(() -> named(robot, "Done").requestFocus());
            robot.type(KeyCode.ENTER);
        }
        robot.type(KeyCode.ENTER);
        until(() -> reads(robot, "Everything is terminated"));
        assertThat(finds("unused-input:Panel.8")).isFalse();
    }

    @Test
    void aModuleWithAnAerialInSteelIsFound(FxRobot robot) {
        at(Stop.CABLE, "16");
        onScreen(() -> application.openJob().focus(io.answerback.desktop.work.Focus.on(new ModuleId("Communicator"))));
        robot.clickOn("in or beside metal");
        until(() -> finds("aerial-in-metal:Communicator"));
    }

    @Test
    void modulesWithoutACableGetOne(FxRobot robot) {
        at(Stop.CABLE, "16");
        onScreen(() -> application.openJob().apply(CablingEdits.remove(new CableId("C-47"))));
        assertThat(finds("module-without-cable")).isTrue();
        open(CableSheet.CABLES);
        click(robot, "Cable to every module");
        until(() -> !finds("module-without-cable"));
        assertThat(job().cables().getLast().ends().module()).isEqualTo(Optional.of(new ModuleId("Sounder")));
    }
}
