package io.answerback.desktop;

import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.named;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.PointId;
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
    void aModuleIsFittedByKeyboardStepByStep(FxRobot robot) {
        click(robot, "Sheet Fitting");
        until(() -> reads(robot, "0 of 16 done"));
        onScreen(() -> named(robot, "Take all power off").requestFocus());
        type(KeyCode.ENTER);
        until(() -> reads(robot, "1 of 16 done") && reads(robot, "Set Expander 1 to address 1 before it has power"));
        type(KeyCode.BACK_SPACE);
        until(() -> reads(robot, "0 of 16 done"));
    }
}
