package io.answerback.desktop;

import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.control;
import static io.answerback.desktop.Screen.edit;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.finding.Stop;
import io.answerback.core.id.PointId;
import io.answerback.files.demo.DemoJobs;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// What the gallery's panel hears by radio, driven by keys and clicks.
class RadioWindowTest extends DemoWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void atRadio(FxRobot robot) {
        onScreen(() -> application.openJob().put(DemoJobs.job(3), Optional.empty(), ""));
        at(Stop.BUS, "12");
        click(robot, "Sheet By radio");
    }

    private int zone(String point) {
        return job().inputOf(new PointId(point)).orElseThrow().zone();
    }

    @Test
    void devicesEnrolledTheWrongWayRoundAreTakenAsThePanelHasThem(FxRobot robot) {
        until(() -> reads(robot, "zone 06, the panel has 05") && finds("enrolled-out-of-place:12"));
        click(robot, "Plan zone 05 for it");
        until(() -> zone("12") == 5 && zone("11") == 6 && !finds("enrolled-out-of-place:11"));
        control(robot, KeyCode.Z);
        until(() -> zone("12") == 6 && finds("enrolled-out-of-place:11"));
    }

    @Test
    void aSignalIsTypedWhereItStandsAndJudged(FxRobot robot) {
        until(() -> finds("signal-weak:12"));
        edit(robot, "Signal of 12", "strong");
        until(() -> reads(robot, "signal of 12 in dBm"));
        robot.type(KeyCode.ESCAPE);
        edit(robot, "Signal of 12", "-70");
        until(() -> reads(robot, "heard, 28 dB to spare") && !finds("signal-weak:12"));
        click(robot, "Take the reading back");
        until(() -> finds("signal-weak:12"));
    }

    @Test
    void theNextDeviceIsEnrolledAndAWiredZoneIsRefused(FxRobot robot) {
        at(Stop.BUS, "13");
        until(() -> reads(robot, "The next device becomes zone 07: enrol 13 Yard gate."));
        click(robot, "Enrolled now");
        until(() -> reads(robot, "zone 07, enrolled"));
        edit(robot, "Zone the panel shows", "3");
        until(() -> reads(robot, "the panel has no wireless zone 3"));
        robot.type(KeyCode.ESCAPE);
        click(robot, "Deleted in the panel");
        until(() -> reads(robot, "zone 07, not enrolled"));
    }

    @Test
    void anOldBatteryIsReplaced(FxRobot robot) {
        at(Stop.BUS, "11");
        until(() -> reads(robot, "was due on 2026-03-14") && finds("device-battery-due:11"));
        click(robot, "Replaced today");
        until(() -> reads(robot, "due on 2029-06-02") && !finds("device-battery-due:11"));
        edit(robot, "Battery fitted on", "last week");
        until(() -> reads(robot, "\"last week\" is no date; type it as 2026-05-31"));
        assertThat(job().radio().battery(new PointId("11")).orElseThrow().fittedOn())
                .hasToString("2026-06-02");
    }
}
