package io.answerback.desktop;

import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.named;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.desktop.cable.PrintKind;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// What is printed of the cables: looked at, saved, and on the firm's own labels.
class PaperWindowTest extends DemoWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void atPaper() {
        at(Stop.CABLE, "07");
    }

    private String page(FxRobot robot) {
        return robot.lookup(".paper-page").query().getAccessibleText();
    }

    private void open(PrintKind kind) {
        onScreen(() -> application.benches().cable().openPaper(kind));
    }

    @Test
    void whereThereIsNoPrinterItSaysWhatToDo(FxRobot robot) {
        open(PrintKind.LABELS);
        until(() -> !named(robot, "Print…").isDisabled());
        click(robot, "Print…");
        until(() -> reads(robot, "Save it as PDF, and print that"));
        assertThat(named(robot, "Print…").isDisabled()).isFalse();
    }
}
