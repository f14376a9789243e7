package io.answerback.desktop;

import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.until;

import io.answerback.core.model.site.Job;
import io.answerback.desktop.work.SurveySheet;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.Recovery;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.folder.Remembered;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import javafx.application.Platform;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/// A window of a fresh start, with a folder of its own.
@ExtendWith(ApplicationExtension.class)
abstract class FreshWindow {
    static final InstantSource CLOCK = InstantSource.fixed(Instant.parse("2027-02-01T09:00:00Z"));

    @TempDir
    static Path folder;

    Path fresh;
    ApplicationWindow application;

    /// Opens the window; the test framework wants the method that does so in the class of the test itself.
    final void begin(Stage stage) throws Exception {
        fresh = Files.createTempDirectory(folder, "app");
        JobFile.save(fresh.resolve("quay.answerback.json"), JobDocument.of(DemoJobs.job(1)));
        Files.writeString(fresh.resolve("bent.answerback.json"), "{");
        Remembered.nothing()
                .opened(fresh.resolve("bent.answerback.json"))
                .opened(fresh.resolve("quay.answerback.json"))
                .save(fresh);
        new Recovery(fresh).keep("new-7", JobDocument.of(DemoJobs.job(2)), List.of());
        application =
                new ApplicationWindow(stage, Opened.read(new Opening.Start(), fresh), fresh, CLOCK, 0, Duration.ZERO);
        stage.setWidth(1280);
        stage.setHeight(800);
        application.openJob().waitUpTo(Duration.ofSeconds(10));
        application.show();
    }

    @AfterEach
    void stop() {
        WaitForAsyncUtils.waitForAsyncFx(10_000, application::close);
    }

    Job job() {
        return application.openJob().now().job();
    }

    /// A demo as it is on the day of the clock.
    static Job demo(int number) {
        return DemoJobs.job(number, LocalDate.ofInstant(CLOCK.instant(), ZoneId.systemDefault()));
    }

    void open(FxRobot robot, int demo, SurveySheet sheet) {
        String name = DemoJobs.NAMES.get(demo - 1);
        click(robot, name + ": ");
        until(() -> job().site().name().equals(name));
        Platform.runLater(() -> application.openJob().open(sheet));
        until(() -> application.openJob().now().sheet() == sheet);
    }
}
