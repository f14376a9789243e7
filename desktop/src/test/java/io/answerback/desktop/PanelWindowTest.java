package io.answerback.desktop;

import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.settle;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.panel.operation.AreaMode;
import io.answerback.core.setup.SetupEdits;
import io.answerback.desktop.live.PanelLine;
import io.answerback.desktop.live.PanelPractice;
import io.answerback.desktop.prove.ProveSheets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/// The practice panel in the real window: setting with a door open, a late cleaner, a confirmed alarm, each worked by
/// keys and buttons, and its signals answered by the practice station.
@ExtendWith(ApplicationExtension.class)
class PanelWindowTest {
    @TempDir
    Path folder;

    private ApplicationWindow application;
    private PanelPractice panel;

    @Start
    void start(Stage stage) throws Exception {
        Path fresh = Files.createTempDirectory(folder, "app");
        application = new ApplicationWindow(
                stage, Opened.read(new Opening.Demo(1), fresh), fresh, InstantSource.system(), 0, Duration.ZERO);
        application.openJob().waitUpTo(Duration.ofSeconds(10));
        application.show();
        application.openJob().go(Stop.PROVE);
        application.benches().prove().open(ProveSheets.PANEL);
        panel = application.benches().prove().panel();
    }

    @AfterEach
    void stop() {
        WaitForAsyncUtils.waitForAsyncFx(10_000, application::close);
    }

    private static void press(FxRobot robot, String button) {
        robot.interact(() -> robot.lookup(
                        node -> node instanceof Button its && its.getText().equals(button))
                .queryButton()
                .fire());
        settle();
    }

    /// Presses a point with the keyboard.
    private static void point(FxRobot robot, String says) {
        robot.interact(() -> robot.lookup((Node node) -> node.getAccessibleText() != null
                        && node.getAccessibleText().equals(says))
                .query()
                .requestFocus());
        type(KeyCode.ENTER);
        settle();
    }

    private AreaMode mode(int area) {
        return panel.state().area(area).mode();
    }

    @Test
    void anOpenDoorRefusesALateCleanerAlarmsAndASecondDetectorConfirms(FxRobot robot) {
        robot.interact(() -> application.openJob().apply(SetupEdits.decide(Decision.FORCED_SET, 0, "yes")));
        until(() -> panel.rules().options().forcedSet());
        point(robot, "Accounts office, at rest");
        press(robot, "Set");
        until(() -> reads(robot, "Not set, open: Accounts office"));
        assertThat(mode(1)).isEqualTo(AreaMode.UNSET);
        robot.interact(() -> robot.lookup(
                        node -> node instanceof CheckBox box && box.getText().equals("leave out what is open"))
                .<CheckBox>query()
                .fire());
        press(robot, "Set");
        until(() -> mode(1) == AreaMode.LEAVING);
        press(robot, "To the next thing");
        until(() -> mode(1) == AreaMode.SET);

        point(robot, "Office entrance, at rest");
        until(() -> mode(1) == AreaMode.ENTERING);
        press(robot, "A minute on");
        until(() -> reads(robot, "They sound: burglary."));
        press(robot, "Unset");
        until(() -> mode(1) == AreaMode.UNSET_AFTER_ALARM);

        until(() -> panel.log().stream()
                .filter(line -> line.logged().signal().isPresent())
                .allMatch(line -> line.reception()
                        .filter(its -> its.state() == PanelLine.State.ANSWERED)
                        .isPresent()));
        point(robot, "Office entrance, active");
        point(robot, "Accounts office, active");
        press(robot, "Set");
        press(robot, "A minute on");
        until(() -> mode(1) == AreaMode.SET);
        point(robot, "Accounts office, at rest");
        point(robot, "Reception movement, at rest");
        until(() -> panel.log().stream()
                .flatMap(line -> line.logged().signal().stream())
                .anyMatch(signal -> signal.event().equals("139")));
    }
}
