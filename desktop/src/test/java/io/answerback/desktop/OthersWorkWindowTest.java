package io.answerback.desktop;

import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.control;
import static io.answerback.desktop.Screen.edit;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.settle;
import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.Recovery;
import io.answerback.files.Unsaved;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.record.JobLog;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
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

/// A file that is changed outside its window, opened in a second one, or changed after a crash: nothing is
/// overwritten unasked, and nothing that was typed is lost.
@ExtendWith(ApplicationExtension.class)
class OthersWorkWindowTest {
    @TempDir
    Path folder;

    private Path app;
    private Path file;
    private Stage stage;
    private ApplicationWindow application;
    private ApplicationWindow second;
    private Stage other;
    private volatile Duration clockOff = Duration.ZERO;

    @Start
    void start(Stage shown) throws Exception {
        stage = shown;
        app = folder.resolve("app");
        file = folder.resolve("site.answerback.json");
        JobFile.overwrite(file, JobDocument.of(DemoJobs.job(1)));
        application = open(shown);
    }

    private ApplicationWindow open(Stage shown) throws Exception {
        ApplicationWindow opened = new ApplicationWindow(
                shown,
                Opened.read(new Opening.JobAt(file), app),
                app,
                () -> InstantSource.system().instant().plus(clockOff),
                0,
                Duration.ZERO);
        opened.show();
        return opened;
    }

    @AfterEach
    void stop() {
        WaitForAsyncUtils.waitForAsyncFx(10_000, () -> {
            if (second != null) {
                second.close();
                other.hide();
            }
            application.close();
        });
    }

    private double metres(Job job) {
        return job.cableTo(new PointId("01")).orElseThrow().metres();
    }

    private double inWindow() {
        return metres(application.openJob().now().job());
    }

    private double inFile() throws Exception {
        return metres(JobFile.open(file).job());
    }

    private void somebodyElseSaves(double metres) throws Exception {
        JobFile.overwrite(
                file,
                JobFile.open(file)
                        .with(Edits.cableMetres(new CableId("C-01"), metres).on(DemoJobs.job(1))));
    }

    @Test
    void aChangeOutsideIsSaidAtOnceWithWhatDiffersAndMineCanBeKept(FxRobot robot) throws Exception {
        edit(robot, "Cable length", "33");
        somebodyElseSaves(71);
        until(() -> reads(robot, "was changed outside this window") && reads(robot, "One part differs: Cable C-01"));
        control(robot, KeyCode.S);
        settle();
        assertThat(inFile()).as("saving does not overwrite it").isEqualTo(71);
        click(robot, "Keep mine");
        until(() -> !reads(robot, "was changed outside")
                && !application.openJob().now().unsaved());
        assertThat(inFile()).isEqualTo(33);
        assertThat(metres(JobFile.open(folder.resolve(".versions/site.answerback.json.1"))
                        .job()))
                .as("theirs is the version before")
                .isEqualTo(71);
    }

    @Test
    void aClockThatIsSetBackLosesNothingAndCallsNothingChangedByHand(FxRobot robot) throws Exception {
        edit(robot, "Cable length", "33");
        control(robot, KeyCode.S);
        until(() -> !application.openJob().now().unsaved());
        clockOff = Duration.ofHours(-2);
        edit(robot, "Cable length", "44");
        until(() -> new Recovery(app).find(file.toString()) instanceof Unsaved.Kept kept
                && metres(kept.document().job()) == 44);
        control(robot, KeyCode.S);
        until(() -> new Recovery(app).find(file.toString()) instanceof Unsaved.Nothing);
        JobLog.Read log = JobLog.beside(file).read();
        assertThat(log.broken()).isEmpty();
        assertThat(log.lines().getLast().at()).isBefore(log.lines().getFirst().at());
        assertThat(inFile()).isEqualTo(44);
        assertThat(reads(robot, "was changed outside")).isFalse();
    }

    @Test
    void theirsCanBeTakenAndUndoBringsMineBack(FxRobot robot) throws Exception {
        edit(robot, "Cable length", "33");
        somebodyElseSaves(71);
        until(() -> reads(robot, "was changed outside this window"));
        click(robot, "Take theirs");
        until(() -> inWindow() == 71 && !application.openJob().now().unsaved());
        control(robot, KeyCode.Z);
        until(() -> inWindow() == 33);
        control(robot, KeyCode.S);
        until(() -> !application.openJob().now().unsaved());
        assertThat(inFile()).isEqualTo(33);
    }

    @Test
    void bothCanBeKeptAsTwoFiles(FxRobot robot) throws Exception {
        edit(robot, "Cable length", "33");
        somebodyElseSaves(71);
        until(() -> reads(robot, "was changed outside this window"));
        click(robot, "Keep both");
        Path mine = folder.resolve("site (mine).answerback.json");
        until(() -> application.openJob().now().file().orElseThrow().equals(mine));
        assertThat(inFile()).isEqualTo(71);
        assertThat(metres(JobFile.open(mine).job())).isEqualTo(33);
    }

    @Test
    void aSecondWindowOnTheSameFileIsReadOnlyAndKeepsItsEditsApart(FxRobot robot) throws Exception {
        WaitForAsyncUtils.waitForAsyncFx(20_000, () -> {
            other = new Stage();
            second = open(other);
            return null;
        });
        until(() -> second.openJob().now().readOnly().contains("open in another window"));
        WaitForAsyncUtils.waitForAsyncFx(5_000, () -> {
            second.openJob().apply(Edits.cableMetres(new CableId("C-01"), 50));
            return second.keeper().save();
        });
        until(() -> second.openJob().now().notice().contains("It is not overwritten"));
        assertThat(inFile()).isEqualTo(18);
        until(() -> new Recovery(app).newJobs().size() == 1);
        assertThat(new Recovery(app).find(file.toString())).isEqualTo(new Unsaved.Nothing());
    }

    @Test
    void whenTheFileWasChangedAfterACrashBothAreOffered(FxRobot robot) throws Exception {
        edit(robot, "Cable length", "33");
        until(() -> new Recovery(app).find(file.toString()) instanceof Unsaved.Kept);
        WaitForAsyncUtils.waitForAsyncFx(10_000, application::close);
        somebodyElseSaves(71);
        WaitForAsyncUtils.waitForAsyncFx(20_000, () -> {
            application = open(stage);
            return null;
        });
        until(() -> inWindow() == 33 && reads(robot, "One part differs: Cable C-01"));
        assertThat(inFile()).isEqualTo(71);
    }

    @Test
    void editsReachRecoveryWhileTypingGoesOn(FxRobot robot) throws Exception {
        for (int metres = 100; metres < 180; metres++) {
            int next = metres;
            WaitForAsyncUtils.waitForAsyncFx(
                    5_000, () -> application.openJob().apply(Edits.cableMetres(new CableId("C-01"), next)));
            if (new Recovery(app).find(file.toString()) instanceof Unsaved.Kept kept) {
                assertThat(metres(kept.document().job())).isBetween(100.0, (double) next);
                return;
            }
            WaitForAsyncUtils.sleep(40, java.util.concurrent.TimeUnit.MILLISECONDS);
        }
        throw new AssertionError("3 s of steady typing and nothing is kept");
    }

    @Test
    void aDamagedRecoveryIsSaidAndSetAside(FxRobot robot) throws Exception {
        edit(robot, "Cable length", "33");
        until(() -> new Recovery(app).find(file.toString()) instanceof Unsaved.Kept);
        WaitForAsyncUtils.waitForAsyncFx(10_000, application::close);
        try (var kept = Files.list(app.resolve("unsaved"))) {
            Files.writeString(kept.findFirst().orElseThrow(), "{\"format\": \"answerback-unsaved\", \"job\": 7}");
        }
        WaitForAsyncUtils.waitForAsyncFx(20_000, () -> {
            application = open(stage);
            return null;
        });
        until(() -> reads(robot, "could not be read and were set aside"));
        assertThat(inWindow()).isEqualTo(18);
    }

    @Test
    void aFolderThatCannotBeWrittenIsSaidInTheWindow(FxRobot robot) throws Exception {
        WaitForAsyncUtils.waitForAsyncFx(10_000, application::close);
        app = Files.writeString(folder.resolve("blocked"), "a file, not a folder");
        WaitForAsyncUtils.waitForAsyncFx(20_000, () -> {
            application = open(stage);
            return null;
        });
        until(() -> reads(robot, "Nothing can be kept in"));
    }
}
