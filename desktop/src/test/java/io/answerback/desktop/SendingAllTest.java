package io.answerback.desktop;

import static io.answerback.desktop.Screen.clickOn;
import static io.answerback.desktop.Screen.settle;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import java.util.concurrent.TimeUnit;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/// Sending many points at the pace of a real window.
@ExtendWith(ApplicationExtension.class)
class SendingAllTest {
    @TempDir
    static Path folder;

    private ApplicationWindow application;

    @Start
    void start(Stage stage) throws Exception {
        Opened opened = Opened.read(new Opening.Demo(1), folder);
        application = new ApplicationWindow(stage, opened, folder, InstantSource.system(), 0, Duration.ofMillis(100));
        application.openJob().waitUpTo(Duration.ofSeconds(10));
        application.show();
        application.openJob().go(Stop.PROVE);
    }

    @AfterEach
    void stop() {
        WaitForAsyncUtils.waitForAsyncFx(10_000, application::close);
    }

    @Test
    void itShowsItsProgressAndCanBeStopped(FxRobot robot) throws Exception {
        clickOn(robot, "Send the 15 that are not proven");
        WaitForAsyncUtils.waitFor(
                20,
                TimeUnit.SECONDS,
                () -> application.practice().progress().get().done() >= 1);
        settle();
        clickOn(robot, "Stop");
        WaitForAsyncUtils.waitFor(
                20,
                TimeUnit.SECONDS,
                () -> !application.practice().progress().get().running());
        int done = application.practice().progress().get().done();
        assertThat(done).isBetween(1, 14);
        long proven = application.openJob().now().assessment().points().stream()
                .filter(point -> point.proven())
                .count();
        assertThat(proven).isBetween(14L, 13L + done);
    }
}
