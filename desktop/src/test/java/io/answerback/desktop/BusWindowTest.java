package io.answerback.desktop;

import static io.answerback.desktop.Screen.choose;
import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.control;
import static io.answerback.desktop.Screen.edit;
import static io.answerback.desktop.Screen.named;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.finding.Stop;
import io.answerback.core.id.ModuleId;
import io.answerback.core.id.PointId;
import io.answerback.files.demo.DemoJobs;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// The bus bench, driven by keys and clicks.
class BusWindowTest extends DemoWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void atBus() {
        at(Stop.BUS, "13");
    }

    private int hatchZone() {
        return job().inputOf(new PointId("13")).orElseThrow().zone();
    }

    @Test
    void anAddressIsTypedWhereItStandsAndATakenOneIsRefused(FxRobot robot) {
        until(() -> reads(robot, "bus expander: 3"));
        edit(robot, "Address of Expander 2", "1");
        until(() -> reads(robot, "address 1 is Expander 1's; choose one that is free"));
        robot.type(KeyCode.ESCAPE);
        edit(robot, "Address of Expander 2", "3");
        until(() -> job().bus()
                .address(new ModuleId("Expander 2"))
                .filter(its -> its == 3)
                .isPresent());
        assertThat(job().inputOf(new PointId("12")).orElseThrow().zone()).isEqualTo(26);
        control(robot, KeyCode.Z);
        until(() -> job().inputOf(new PointId("12")).orElseThrow().zone() == 18);
    }

    @Test
    void theHatchIsReleasedAndTakesItsZoneOverAgain(FxRobot robot) {
        click(robot, "Sheet Zone map");
        until(() -> reads(robot, "Expander 2 · 6 has the same number and is not monitored"));
        click(robot, "Release:");
        until(() -> hatchZone() == 42 && !finds("zone-taken-over:22"));
        edit(robot, "Zone of Keypad 2 · 1", "70");
        until(() -> reads(robot, "the panel has zones 1 to 64; there is no zone 70"));
        robot.type(KeyCode.ESCAPE);
        edit(robot, "Zone of Keypad 2 · 1", "22");
        until(() -> hatchZone() == 22 && finds("zone-taken-over:22"));
    }

    @Test
    void nothingIsLeftBehindInThePanel(FxRobot robot) {
        click(robot, "Sheet Panel and wall");
        until(() -> finds("learned-but-absent:3"));
        click(robot, "Delete it");
        until(() -> !finds("learned-but-absent:3"));
        click(robot, "Keypad 3 not up");
        until(() -> finds("learned-but-absent:10"));
        click(robot, "Service keypad at 15");
        until(() -> finds("service-keypad-on"));
        click(robot, "Service keypad off");
        until(() -> !finds("service-keypad-on"));
        click(robot, "Keypad 3 up");
        until(() -> !finds("learned-but-absent:10"));
    }

    @Test
    void whatWasReadOutOfThePanelIsTypedIn(FxRobot robot) {
        click(robot, "Sheet Panel and wall");
        edit(robot, "Address that was read out", "17");
        until(() -> finds("learned-but-absent:17"));
        choose(robot, "Learned at address 17", "nothing");
        until(() -> !finds("learned-but-absent:17"));
        edit(robot, "Address that was read out", "99");
        until(() -> reads(robot, "this panel has no address 99 for a module"));
        robot.type(KeyCode.ESCAPE);
    }

    @Test
    void aModuleIsFittedByKeyboardStepByStep(FxRobot robot) {
        click(robot, "Sheet Fitting");
        until(() -> reads(robot, "0 of 16 done"));
        onScreen(() -> named(robot, "Take all power off").requestFocus());
        robot.type(KeyCode.ENTER);
        until(() -> reads(robot, "1 of 16 done") && reads(robot, "Set Expander 1 to address 1 before it has power"));
        robot.type(KeyCode.BACK_SPACE);
        until(() -> reads(robot, "0 of 16 done"));
    }

    @Test
    void whatAConverterCannotTakeIsSaid(FxRobot robot) {
        onScreen(() -> application.openJob().put(DemoJobs.job(3), Optional.empty(), ""));
        at(Stop.BUS, "01");
        click(robot, "Sheet Converters");
        until(() -> reads(robot, "It speaks band Q; this panel hears band P"));
        click(robot, "Fit it");
        until(() -> job().module(new ModuleId("Converter 1")).isPresent());
    }
}
