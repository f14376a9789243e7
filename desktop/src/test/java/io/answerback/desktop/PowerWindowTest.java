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
import io.answerback.core.setup.Intent;
import java.time.LocalDate;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// The power bench, driven by keys and clicks.
class PowerWindowTest extends DemoWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void atPower() {
        at(Stop.POWER, "20");
    }

    @Test
    void theBatteryIsChosenAndTheRuleIsJudged(FxRobot robot) {
        until(() -> reads(robot, "37.0 h of 30 h"));
        choose(robot, "Batteries in parallel", "one");
        until(() -> finds("battery-short:Panel"));
        control(robot, KeyCode.Z);
        until(() -> !finds("battery-short:Panel"));
        edit(robot, "Coldest at the battery", "-15");
        until(() -> job().power().battery(new ModuleId("Panel")).orElseThrow().coldestCelsius() == -15);
    }

    @Test
    void aSliderAsksWhatIfAndTheJobStays(FxRobot robot) {
        var before = job();
        until(() -> reads(robot, "37.0 h and the alarm"));
        onScreen(() -> ((Slider) named(robot, "What if: Coldest")).setValue(-20));
        until(() -> !reads(robot, "37.0 h and the alarm") && reads(robot, "h and the alarm"));
        assertThat(reads(robot, "20 Cold room B movement drops out"))
                .as("what drops out is seen to drop out earlier")
                .isTrue();
        assertThat(job()).isSameAs(before);
        click(robot, "As it is");
        until(() -> reads(robot, "37.0 h and the alarm"));
    }

    @Test
    void aFarDeviceIsMendedByARemedyThatWasTried(FxRobot robot) {
        assertThat(finds("volts-short:20")).isTrue();
        click(robot, "Sheet Volts");
        until(() -> reads(robot, "Double the supply pair of C-26"));
        click(robot, "Do it: A run of its own from Panel");
        until(() -> !finds("volts-short:20") && reads(robot, "Nothing here is short of volts"));
        control(robot, KeyCode.Z);
        until(() -> finds("volts-short:20"));
    }

    @Test
    void aFigureFromTheMakersSheetTakesThePlaceOfTheData(FxRobot robot) {
        click(robot, "Sheet Loads");
        until(() -> reads(robot, "506 mA"));
        edit(robot, "Quiescent current of Keypad 1", "145");
        until(() -> reads(robot, "606 mA"));
        click(robot, "As in the data: forget the figure");
        until(() -> reads(robot, "maker's sheet") || reads(robot, "506 mA"));
    }

    @Test
    void thePanelGoesDownByKeyboardAndEveryStepKeepsItsTime(FxRobot robot) {
        click(robot, "Sheet Sequence");
        until(() -> reads(robot, "Tell the station, and put the account on test"));
        onScreen(() -> named(robot, "Tell the station").requestFocus());
        robot.type(KeyCode.ENTER);
        until(() -> reads(robot, "Take the sounder's trigger off") && reads(robot, "2026-06-02 10:00"));
        robot.type(KeyCode.ENTER).type(KeyCode.BACK_SPACE);
        until(() -> reads(robot, "1 of 4 done"));
        robot.type(KeyCode.ENTER).type(KeyCode.ENTER).type(KeyCode.ENTER);
        until(() -> reads(robot, "Everything is off"));
        assertThat(job().power().ticks()).hasSize(4).allMatch(tick -> tick.at().equals(NOW));
    }

    @Test
    void soundersAreSetSofterAndTheirTimeIsHeldAgainstTheRule(FxRobot robot) {
        click(robot, "Sheet Sounders");
        until(() -> reads(robot, "300 of 500 mA"));
        click(robot, "Link of Sounder soft");
        until(() -> reads(robot, "180 of 500 mA"));
        edit(robot, "Sounder time", "18 min");
        until(() -> finds("siren-time"));
        control(robot, KeyCode.Z);
        until(() -> !finds("siren-time") && reads(robot, "180 of 500 mA"));
        edit(robot, "Sounder time", "soon");
        until(() -> reads(robot, "sounder time in minutes"));
        assertThat(new Intent(job()).sounderMinutes()).isEqualTo(10);
    }

    @Test
    void aBatteryIsReplacedAndTheOldOneStaysOnRecord(FxRobot robot) {
        until(() -> finds("battery-due:Panel") && reads(robot, "due by 2026-06-20"));
        click(robot, "Replaced today");
        until(() -> !finds("battery-due:Panel") && reads(robot, "before it 34 Ah of 2022-06-20"));
        assertThat(job().power().battery(new ModuleId("Panel")).orElseThrow().fittedOn())
                .contains(LocalDate.of(2026, 6, 2));
    }

    @Test
    void theMainsFaultOfASupplyBesideADeviceComesToAnInput(FxRobot robot) {
        click(robot, "Sheet Volts");
        until(() -> reads(robot, "Put a supply beside it"));
        click(robot, "Do it: Put a supply beside it");
        until(() -> !finds("volts-short:20") && finds("supply-unwatched:Supply 1"));
        click(robot, "Sheet Loads");
        choose(robot, "Supply", "Supply 1");
        until(() -> reads(robot, "mains failed"));
        click(robot, "New point");
        until(() -> reads(robot, "25 Supply 1, mains failed"));
        assertThat(job().inputOf(new PointId("25"))).isPresent();
    }

    @Test
    void aReadingIsTypedJudgedAndKeptBesideTheFirst(FxRobot robot) {
        click(robot, "Sheet Measured");
        until(() -> reads(robot, "13.62 V") && reads(robot, "430 to 582 mA"));
        edit(robot, "Reading of float volts", "13.1");
        until(() -> finds("supply-off:FLOAT_VOLTS:Panel") && reads(robot, "13.62 on 2026-05-12"));
        control(robot, KeyCode.Z);
        until(() -> !finds("supply-off:FLOAT_VOLTS:Panel"));
    }
}
