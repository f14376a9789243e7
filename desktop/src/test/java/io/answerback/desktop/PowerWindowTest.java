package io.answerback.desktop;

import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.named;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
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
    void thePanelGoesDownByKeyboardAndEveryStepKeepsItsTime(FxRobot robot) {
        click(robot, "Sheet Sequence");
        until(() -> reads(robot, "Tell the station, and put the account on test"));
        onScreen(() -> named(robot, "Tell the station").requestFocus());
        type(KeyCode.ENTER);
        until(() -> reads(robot, "Take the sounder's trigger off") && reads(robot, "2026-06-02 10:00"));
        type(KeyCode.ENTER, KeyCode.BACK_SPACE);
        until(() -> reads(robot, "1 of 4 done"));
        type(KeyCode.ENTER, KeyCode.ENTER, KeyCode.ENTER);
        until(() -> reads(robot, "Everything is off"));
        assertThat(job().power().ticks()).hasSize(4).allMatch(tick -> tick.at().equals(NOW));
    }
}
