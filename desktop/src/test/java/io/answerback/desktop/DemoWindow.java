package io.answerback.desktop;

import static io.answerback.desktop.Screen.settle;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/// The real window on the first demo, its clock standing still.
@ExtendWith(ApplicationExtension.class)
abstract class DemoWindow {
    static final Instant NOW = Instant.parse("2026-06-02T10:00:00Z");

    @TempDir
    Path folder;

    /// Where the application keeps what it remembers.
    Path home;

    ApplicationWindow application;

    /// Opens the window; the test framework wants the method that does so in the class of the test itself.
    final void open(Stage stage) throws Exception {
        home = Files.createTempDirectory(folder, "app");
        application = new ApplicationWindow(
                stage, Opened.read(new Opening.Demo(1), home), home, InstantSource.fixed(NOW), 0, Duration.ZERO);
        application.openJob().waitUpTo(Duration.ofSeconds(10));
        application.show();
    }

    @AfterEach
    void stop() {
        WaitForAsyncUtils.waitForAsyncFx(10_000, application::close);
    }

    final Job job() {
        return application.openJob().now().job();
    }

    final void onScreen(Runnable change) {
        Screen.doOnFx(change);
        settle();
    }

    final void at(Stop stop, String point) {
        onScreen(() -> {
            application.openJob().go(stop);
            application.openJob().select(new PointId(point));
        });
    }

    final boolean finds(String id) {
        return application.openJob().now().assessment().findings().stream()
                .map(Finding::id)
                .anyMatch(id::equals);
    }
}
