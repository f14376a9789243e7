package io.answerback.desktop;

import static io.answerback.desktop.Screen.control;
import static io.answerback.desktop.Screen.point;
import static io.answerback.desktop.Screen.press;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;
import static io.answerback.desktop.Screen.write;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.Recovery;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.folder.Remembered;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.ListView;
import javafx.scene.input.Clipboard;
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

/// Desktop habits: what is remembered, found, copied and recovered. The window opens a file that a crash left
/// with unsaved edits.
@ExtendWith(ApplicationExtension.class)
class HabitsTest {
    @TempDir
    Path folder;

    private Path file;
    private ApplicationWindow application;
    private Stage window;

    @Start
    void start(Stage stage) throws Exception {
        window = stage;
        file = folder.resolve("site.answerback.json");
        JobDocument saved = JobDocument.of(DemoJobs.job(1));
        JobFile.save(file, saved);
        Recovery recovery = new Recovery(folder);
        recovery.keep(
                file.toString(),
                saved.with(Edits.cableMetres(new CableId("C-17"), 99).on(saved.job())),
                List.of());
        Remembered.nothing().window(0, 0, 1200, 760).look(true, 120).save(folder);
        Opened opened = Opened.read(new Opening.JobAt(file), folder);
        application = new ApplicationWindow(stage, opened, folder, InstantSource.system(), 0, Duration.ZERO);
        application.openJob().waitUpTo(Duration.ofSeconds(10));
        application.show();
    }

    @AfterEach
    void stop() {
        if (application != null) {
            WaitForAsyncUtils.waitForAsyncFx(10_000, application::close);
        }
    }

    @Test
    void editsFromBeforeACrashAreBackAndUndoTakesThemAway(FxRobot robot) throws Exception {
        until(() -> application
                        .openJob()
                        .now()
                        .job()
                        .cableTo(new PointId("07"))
                        .orElseThrow()
                        .metres()
                == 99);
        assertThat(application.openJob().now().unsaved()).isTrue();
        control(robot, KeyCode.Z);
        until(() -> !application.openJob().now().unsaved());
        assertThat(JobFile.open(file).job())
                .isEqualTo(application.openJob().now().job());
    }

    @Test
    void theWindowAndItsLookAreAsTheyWereLeft(FxRobot robot) throws Exception {
        assertThat(application.look().dark().get()).isTrue();
        assertThat(application.look().textPercent().get()).isEqualTo(120);
        assertThat(window.getWidth()).isEqualTo(1200);
        control(robot, KeyCode.D);
        control(robot, KeyCode.DIGIT0);
        until(() -> application.look().textPercent().get() == 100);
        WaitForAsyncUtils.waitForAsyncFx(10_000, application::close);
        application = null;
        Remembered left = Remembered.load(folder);
        assertThat(left.dark()).isFalse();
        assertThat(left.textPercent()).isEqualTo(100);
        assertThat(left.recent()).containsExactly(file.toString());
    }

    @Test
    void typingInTheFilterLeavesThePointsThatMatch(FxRobot robot) {
        control(robot, KeyCode.F);
        write(robot, "cold room");
        ListView<?> list = robot.lookup((Node node) -> "Points".equals(node.getAccessibleText()))
                .queryAs(ListView.class);
        until(() -> list.getItems().size() == 4);
        robot.eraseText(9);
        until(() -> list.getItems().size() == 28);
    }

    @Test
    void theSelectedPointsChainCanBeCopied(FxRobot robot) {
        press(KeyCode.C, Set.of(KeyCode.CONTROL, KeyCode.SHIFT));
        until(() -> application.openJob().now().notice().contains("on the clipboard"));
        String copied = WaitForAsyncUtils.waitForAsyncFx(
                5_000, () -> Clipboard.getSystemClipboard().getString());
        assertThat(copied.lines()).hasSize(7).first().asString().startsWith("Point\tOffice entrance\tshut");
    }

    @Test
    void escapeLeavesAValueAndThePaletteAsTheyWere(FxRobot robot) {
        control(robot, KeyCode.K);
        write(robot, "dock");
        type(KeyCode.ESCAPE);
        until(() -> !robot.lookup(".palette-shade").query().isVisible());
        assertThat(application.openJob().now().selected()).isEqualTo(new PointId("01"));
        Node value = robot.lookup((Node node) -> node.getAccessibleText() != null
                        && node.getAccessibleText().startsWith("Cable length"))
                .query();
        point(value);
        write(robot, "500");
        type(KeyCode.ESCAPE);
        assertThat(application
                        .openJob()
                        .now()
                        .job()
                        .cableTo(new PointId("01"))
                        .orElseThrow()
                        .metres())
                .isEqualTo(18);
    }
}
