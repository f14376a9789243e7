package io.answerback.desktop;

import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// A window of 1920 pixels has room for a second sheet beside the one on top; one of 1280 has not.
class SideBySideWindowTest extends DemoWindow {
    private Stage stage;

    @Start
    void start(Stage its) throws Exception {
        stage = its;
        open(its);
    }

    private void wide(int width) {
        onScreen(() -> {
            stage.setWidth(width);
            stage.setHeight(800);
        });
    }

    /// Rooms with their inputs, a cable's box with its other end, the bus with its zone map, and the signal with
    /// the station's roll.
    @Test
    void twoSheetsStandSideBySideWhereThereIsRoom(FxRobot robot) {
        for (String[] each : new String[][] {
            {"SURVEY", "Is there room for everything"},
            {"CABLE", "The other end"},
            {"BUS", "Where each zone really is"},
            {"REPORT", "The practice station"}
        }) {
            at(Stop.valueOf(each[0]), "07");
            wide(1280);
            until(() -> !reads(robot, each[1]));
            wide(1920);
            until(() -> reads(robot, each[1]));
        }
    }

    @Test
    void aCoreIsFollowedAtBothEndsOfItsCable(FxRobot robot) {
        at(Stop.CABLE, "07");
        wide(1920);
        until(() -> reads(robot, "The other end") && reads(robot, "device 07"));
        String box = application.openJob().now().focus().end().name();
        click(robot, "red, ");
        until(() -> !application.openJob().now().focus().core().isEmpty());
        assertThat(application.openJob().now().focus().end().name()).isEqualTo(box);
    }
}
