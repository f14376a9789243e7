package io.answerback.desktop;

import static io.answerback.desktop.Screen.edit;
import static io.answerback.desktop.Screen.settle;
import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.demo.DemoJobs;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/// Another job is opened while the file of the one before is still being read or written: each keeps its own
/// file, and what happens to the one before is not said of the other.
@ExtendWith(ApplicationExtension.class)
class AnotherJobWindowTest {
    @TempDir
    Path folder;

    private Path first;
    private Path second;
    private ApplicationWindow application;

    @Start
    void start(Stage shown) throws Exception {
        Path app = folder.resolve("app");
        first = folder.resolve("first.answerback.json");
        second = folder.resolve("second.answerback.json");
        JobFile.overwrite(first, JobDocument.of(DemoJobs.job(1)));
        JobFile.overwrite(second, JobDocument.of(DemoJobs.job(2)));
        application = new ApplicationWindow(
                shown, Opened.read(new Opening.JobAt(first), app), app, InstantSource.system(), 0, Duration.ZERO);
        application.openJob().waitUpTo(Duration.ofSeconds(10));
        application.show();
    }

    /// What was asked of the disk is done after this, and so is what follows on the JavaFX thread.
    @AfterEach
    void close() {
        WaitForAsyncUtils.waitForAsyncFx(10_000, application::close);
        settle();
    }

    private static double metres(Job job) {
        return job.cableTo(new PointId("01")).orElseThrow().metres();
    }

    private boolean secondIsOnTheDesk() {
        return application.openJob().now().job().equals(DemoJobs.job(2));
    }

    @Test
    void aChangeOfTheFileBeforeIsNotSaidOfTheJobOpenedSince(FxRobot robot) throws Exception {
        edit(robot, "Cable length", "33");
        Job theirs = Edits.cableMetres(new CableId("C-01"), 71).on(DemoJobs.job(1));
        JobFile.overwrite(first, JobFile.open(first).with(theirs));
        WaitForAsyncUtils.waitForAsyncFx(5_000, () -> {
            application.keeper().save();
            application.keeper().open(second);
        });
        until(this::secondIsOnTheDesk);
        close();
        assertThat(application.keeper().outside().conflict().get()).isEmpty();
        assertThat(metres(JobFile.open(first).job())).isEqualTo(71);
    }

    /// Whatever opens another job keeps this one beside it, with all that can be undone.
    @Test
    void theJobBeforeIsKeptBesideWithItsUnsavedEditsAndItsUndo(FxRobot robot) throws Exception {
        edit(robot, "Cable length", "33");
        WaitForAsyncUtils.waitForAsyncFx(5_000, () -> application.keeper().open(second));
        until(this::secondIsOnTheDesk);
        WaitForAsyncUtils.waitForAsyncFx(5_000, () -> application.keeper().open(first));
        until(() -> metres(application.openJob().now().job()) == 33);
        assertThat(application.openJob().now().file()).contains(first);
        assertThat(application.openJob().now().unsaved()).isTrue();
        WaitForAsyncUtils.waitForAsyncFx(5_000, application.openJob()::undo);
        until(() -> application.openJob().now().job().equals(DemoJobs.job(1)));
        close();
        assertThat(JobFile.open(first).job()).isEqualTo(DemoJobs.job(1));
    }

    @Test
    void savingWhileAnotherIsOpenedLeavesEachItsOwnFile(FxRobot robot) throws Exception {
        edit(robot, "Cable length", "33");
        WaitForAsyncUtils.waitForAsyncFx(5_000, () -> {
            application.keeper().open(second);
            application.keeper().save();
        });
        until(this::secondIsOnTheDesk);
        close();
        assertThat(application.openJob().now().file()).contains(second);
        assertThat(metres(JobFile.open(first).job())).isEqualTo(33);
        assertThat(JobFile.open(second).job()).isEqualTo(DemoJobs.job(2));
    }
}
