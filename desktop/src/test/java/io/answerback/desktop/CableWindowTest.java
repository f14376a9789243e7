package io.answerback.desktop;

import static io.answerback.desktop.Screen.choose;
import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.control;
import static io.answerback.desktop.Screen.edit;
import static io.answerback.desktop.Screen.named;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.until;
import static io.answerback.desktop.Screen.write;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.cable.CableInstallation;
import io.answerback.core.cable.CableInstallation.Progress;
import io.answerback.core.cabling.CableEdits;
import io.answerback.core.capacity.CapacityEdits;
import io.answerback.core.device.SchemeKind;
import io.answerback.core.edit.LoopEdits;
import io.answerback.core.finding.Stop;
import io.answerback.core.id.CableId;
import io.answerback.core.id.PointId;
import io.answerback.core.practice.CoreUse;
import io.answerback.desktop.cable.CableSheet;
import io.answerback.desktop.cable.PrintKind;
import io.answerback.desktop.work.SurveySheet;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// The cable bench, driven by keys and clicks.
class CableWindowTest extends DemoWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private CableInstallation installation(String point) {
        return job().cableTo(new PointId(point)).orElseThrow().installation();
    }

    private void at(String point) {
        at(Stop.CABLE, point);
    }

    @Test
    void aBoxIsWiredByKeyboardAlone(FxRobot robot) {
        at("24");
        onScreen(() -> application
                .openJob()
                .apply(CableEdits.installation(
                        "",
                        new CableId("C-07"),
                        installation -> CableInstallation.PLANNED
                                .withType(installation.type().orElseThrow())
                                .withLabels(true, true)
                                .withProgress(Progress.RUN))));
        onScreen(() -> application.benches().cable().open(CableSheet.RUN));
        until(() -> reads(robot, "Keypad 1 · 8 of 10 done") && reads(robot, "Yellow of C-07 to input 1"));
        onScreen(() -> named(robot, "Yellow of C-07").requestFocus());
        robot.type(KeyCode.DOWN);
        until(() -> reads(robot, "Green of C-07 to 0V beside 1"));
        robot.type(KeyCode.ENTER);
        until(() -> reads(robot, "9 of 10 done") && reads(robot, "Yellow of C-07 to input 1"));
        robot.type(KeyCode.BACK_SPACE);
        until(() -> reads(robot, "8 of 10 done"));
        onScreen(() -> named(robot, "Green of C-07").requestFocus());
        robot.type(KeyCode.ENTER).type(KeyCode.ENTER);
        until(() -> reads(robot, "Everything is terminated"));
        assertThat(installation("24").reached()).isEqualTo(Progress.LABELLED);
        // the other end is at the device, and with it the cable is terminated
        onScreen(() -> application.benches().cable().open(CableSheet.BOX));
        click(robot, "Other end: device 24");
        onScreen(() -> application.benches().cable().open(CableSheet.RUN));
        until(() -> reads(robot, "Yellow of C-07 to tamper in"));
        onScreen(() -> named(robot, "Yellow of C-07").requestFocus());
        robot.type(KeyCode.ENTER).type(KeyCode.ENTER);
        until(() -> reads(robot, "Everything is terminated"));
        assertThat(installation("24").progress()).isEqualTo(Progress.TERMINATED);
        assertThat(installation("24").terminated()).allMatch(core -> core.at().equals(NOW));
    }

    @Test
    void theRunCanHaveTheWholeWindow(FxRobot robot) {
        at("15");
        onScreen(() -> application.benches().cable().open(CableSheet.RUN));
        click(robot, "Whole window");
        until(() -> !reads(robot, "Signal chain") && reads(robot, "Red of C-05 to 12V"));
        robot.type(KeyCode.ENTER);
        until(() -> reads(robot, "Black of C-05 to 0V beside 12V"));
        robot.type(KeyCode.ESCAPE);
        until(() -> reads(robot, "Signal chain"));
        assertThat(installation("15").terminated()).hasSize(1);
    }

    @Test
    void whatTheRingPassesByIsJoinedWithOneClick(FxRobot robot) {
        at("05");
        assertThat(finds("outside-ring:C-20")).isTrue();
        click(robot, "Join C-20");
        until(() -> !finds("outside-ring:C-20"));
        // the joint that went back to the terminal now goes on to it: what was put there has to move
        assertThat(reads(robot, "joins C-20")).isFalse();
        at("16");
        until(() -> reads(robot, "joins C-20 white") || reads(robot, "joins C-20 blue"));
    }

    @Test
    void aDeviceThatIsAddedGetsItsCableItsCoresItsPlaceInTheRingAndItsLabels(FxRobot robot) {
        control(robot, KeyCode.T);
        onScreen(() -> {});
        write(robot, "25 strong room button, hold-up, office, 23 m").type(KeyCode.ENTER);
        until(() -> job().point(new PointId("25")).isPresent());
        onScreen(() -> {
            application.openJob().apply(CapacityEdits.giveInputs());
            application.openJob().apply(LoopEdits.scheme(new PointId("25"), SchemeKind.SINGLE_END_OF_LINE));
        });
        at("25");
        click(robot, "Choose types for 1");
        until(() -> reads(robot, "input 8"));
        String cable = job().cableTo(new PointId("25")).orElseThrow().id().text();
        assertThat(job().cable(new CableId(cable)).orElseThrow().metres()).isEqualTo(23);
        assertThat(installation("25").type().orElseThrow().colours()).hasSize(4);
        // its cover comes last, so what went back to the terminal from the one before has to move
        assertThat(finds("core-elsewhere:C-06:white")).isTrue();
        assertThat(reads(robot, "joins C-06 white")).isTrue();
        onScreen(() -> application.benches().cable().openPaper(PrintKind.LABELS));
        until(() -> reads(robot, "page 1 of 3"));
        click(robot, "On: the pages after");
        click(robot, "On: the pages after");
        until(() -> robot.lookup(".paper-page").query().getAccessibleText().contains("to 25 Strong room button"));
    }

    @Test
    void anotherTypeHasOtherCores(FxRobot robot) {
        at("13");
        choose(robot, "Type of C-23", "4-core alarm");
        until(() -> installation("13").type().orElseThrow().id().equals("4-core"));
        assertThat(reads(robot, "yellow") && !reads(robot, "orange")).isTrue();
        robot.press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
        until(() -> installation("13").type().orElseThrow().id().equals("8-core"));
    }

    @Test
    void theFirmsOwnColoursMoveTheCores(FxRobot robot) {
        onScreen(() -> application.openJob().open(SurveySheet.HOUSE_RULES));
        edit(robot, "Colours for loop return", "brown, green");
        at("15");
        until(() -> reads(robot, "brown") && reads(robot, "loop return"));
        assertThat(application
                        .openJob()
                        .now()
                        .assessment()
                        .cores()
                        .cable(new CableId("C-05"))
                        .orElseThrow()
                        .core(CoreUse.LOOP_RETURN)
                        .orElseThrow()
                        .colour())
                .isEqualTo("brown");
        // elsewhere green was put in place already: now it is in the wrong one
        assertThat(finds("core-elsewhere:C-01:green")).isTrue();
    }

    @Test
    void cablesAreListedRoomByRoomAndLabelledThere(FxRobot robot) {
        at("18");
        onScreen(() -> application.benches().cable().open(CableSheet.CABLES));
        until(() -> reads(robot, "02 Dock") && reads(robot, "terminated, label missing"));
        robot.clickOn("far end labelled");
        until(() -> !finds("cable-unlabelled:C-14"));
    }
}
