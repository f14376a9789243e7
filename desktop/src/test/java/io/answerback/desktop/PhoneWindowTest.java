package io.answerback.desktop;

import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.settle;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;
import static io.answerback.desktop.Screen.write;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.PointId;
import io.answerback.desktop.report.ReportSheet;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import javafx.scene.control.TextField;
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

/// A phone in the real window becomes administrator, sets, sees the alarm, silences it and asks how things are.
@ExtendWith(ApplicationExtension.class)
class PhoneWindowTest {
    @TempDir
    Path folder;

    private ApplicationWindow application;

    @Start
    void start(Stage stage) throws Exception {
        Path fresh = Files.createTempDirectory(folder, "app");
        application = new ApplicationWindow(
                stage, Opened.read(new Opening.Demo(3), fresh), fresh, InstantSource.system(), 0, Duration.ZERO);
        application.openJob().waitUpTo(Duration.ofSeconds(10));
        application.show();
    }

    @AfterEach
    void stop() {
        WaitForAsyncUtils.waitForAsyncFx(10_000, application::close);
    }

    private void text(FxRobot robot, String words) {
        WaitForAsyncUtils.waitForAsyncFx(
                5_000,
                () -> robot.lookup(node -> node instanceof TextField field
                                && "Text to the communicator".equals(field.getAccessibleText()))
                        .<TextField>query()
                        .requestFocus());
        settle();
        write(robot, words);
        type(KeyCode.ENTER);
    }

    @Test
    void aPhoneManagesSetsSeesTheAlarmSilencesAndAsks(FxRobot robot) {
        robot.interact(() -> {
            application.openJob().select(new PointId("02"));
            application.openJob().go(Stop.REPORT);
            application.benches().report().open(ReportSheet.PHONES);
        });
        until(() -> reads(robot, "Nobody manages it yet."));
        text(robot, "hello");
        until(() -> reads(robot, "You are the administrator now. Change the password first."));
        text(robot, "2468 close up");
        until(() -> reads(robot, "It is set."));
        robot.interact(() -> robot.lookup(node -> node instanceof javafx.scene.control.Button button
                        && button.getText().startsWith("Alarm of"))
                .queryButton()
                .fire());
        until(() -> reads(robot, "It is set, and it sounds."));
        until(() -> robot.lookup(node -> node instanceof javafx.scene.control.Label label
                        && label.getText().startsWith("Ferrous Row Gallery: "))
                .tryQuery()
                .isPresent());
        text(robot, "2468 quiet");
        until(() -> reads(robot, "Sounder off, still set."));
        text(robot, "2468 how is it");
        until(() -> robot.lookup(node -> node instanceof javafx.scene.control.Label label
                        && label.getText().startsWith("Set; input "))
                .tryQuery()
                .isPresent());
    }
}
