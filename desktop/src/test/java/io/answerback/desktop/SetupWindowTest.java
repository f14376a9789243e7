package io.answerback.desktop;

import static io.answerback.desktop.Screen.named;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.setup.RunSheet;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// The set-up bench, driven by keys and clicks.
class SetupWindowTest extends DemoWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void atSetUp() {
        at(Stop.SET_UP, "01");
    }

    private String entry(Decision decision, int number) {
        return RunSheet.of(job())
                .step(decision, number)
                .orElseThrow()
                .standing()
                .words();
    }

    @Test
    void entriesAreTypedByKeyboardOneAfterTheOther(FxRobot robot) {
        until(() -> reads(robot, "41 of 114 typed") && reads(robot, "Type  5"));
        onScreen(() -> named(robot, "Type  5. Sounders sound").requestFocus());
        type(KeyCode.ENTER);
        until(() -> entry(Decision.SOUNDER_TIME, 0).equals("typed") && reads(robot, "42 of 114 typed"));
        type(KeyCode.BACK_SPACE);
        until(() -> entry(Decision.SOUNDER_TIME, 0).equals("to type"));
        type(KeyCode.DOWN);
        until(() -> reads(robot, "Type  30"));
    }
}
