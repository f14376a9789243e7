package io.answerback.desktop;

import static io.answerback.desktop.Screen.control;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.settle;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;
import static io.answerback.desktop.Screen.write;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.id.PointId;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.site.Job;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import javafx.scene.Node;
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

/// From the start sheet to an answered signal, by keyboard alone.
@ExtendWith(ApplicationExtension.class)
class ReportWindowTest {
    private static final PointId MAINS = new PointId("mains");

    @TempDir
    Path folder;

    private ApplicationWindow application;
    private Stage stage;

    @Start
    void start(Stage window) throws Exception {
        stage = window;
        Path fresh = Files.createTempDirectory(folder, "app");
        application = new ApplicationWindow(
                stage, Opened.read(new Opening.Start(), fresh), fresh, InstantSource.system(), 0, Duration.ZERO);
        application.openJob().waitUpTo(Duration.ofSeconds(10));
        application.show();
    }

    @AfterEach
    void stop() {
        WaitForAsyncUtils.waitForAsyncFx(10_000, application::close);
    }

    private Job job() {
        return application.openJob().now().job();
    }

    /// Tab, until what is focused says this.
    private void tabTo(String words) {
        for (int i = 0; i < 120; i++) {
            Node focused = WaitForAsyncUtils.waitForAsyncFx(
                    5_000, () -> stage.getScene().getFocusOwner());
            if (focused != null
                    && focused.getAccessibleText() != null
                    && focused.getAccessibleText().startsWith(words)) {
                return;
            }
            type(KeyCode.TAB);
            settle();
        }
        throw new AssertionError("Tab does not reach " + words);
    }

    private void typeInto(FxRobot robot, String name, String value) {
        tabTo(name);
        type(KeyCode.ENTER);
        settle();
        write(robot, value);
        type(KeyCode.ENTER);
        settle();
    }

    @Test
    void aBlankJobSendsASignalThatIsAnsweredByKeyboardAlone(FxRobot robot) {
        until(() -> reads(robot, "Begin this job"));
        write(robot, "Harbour Hall");
        type(KeyCode.ENTER);
        until(() -> reads(robot, "Nothing is watched yet"));
        write(robot, "rear fire exit, contact, hall, immediate, 45 m");
        until(() -> reads(robot, "Enter adds it"));
        type(KeyCode.ENTER);
        until(() -> job().points().size() == 1);
        control(robot, KeyCode.DIGIT7);
        until(() -> reads(robot, "There is no receiver yet"));
        tabTo("Add a receiver");
        type(KeyCode.ENTER);
        until(() -> reads(robot, "Receivers and accounts"));
        tabTo("Add a receiver");
        type(KeyCode.ENTER);
        until(() -> job().receivers().size() == 1);
        typeInto(robot, "Address of receiver R1", "203.0.113.7");
        typeInto(robot, "Port of receiver R1", "9009");
        typeInto(robot, "Account of area 1", "4711");
        until(() -> job().receiver(new ReceiverId("R1")).orElseThrow().reachable());
        assertThat(job().area(1).orElseThrow().account()).isEqualTo("4711");
        control(robot, KeyCode.K);
        write(robot, "Mains supply");
        type(KeyCode.ENTER);
        until(() -> application.openJob().now().selected().equals(MAINS));
        type(KeyCode.SPACE);
        until(() -> job().proofOf(MAINS).isPresent());
        assertThat(job().proofOf(MAINS).orElseThrow().frame()).contains("#4711[#4711|1301 00 000]");
        assertThat(reads(robot, "mains failed")).isTrue();
    }
}
