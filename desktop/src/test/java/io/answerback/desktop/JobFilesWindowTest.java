package io.answerback.desktop;

import static io.answerback.desktop.Screen.control;
import static io.answerback.desktop.Screen.edit;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.LogLine;
import io.answerback.files.Recovery;
import io.answerback.files.Unsaved;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.folder.OpenFiles;
import io.answerback.files.record.JobLog;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/// Opens and saves job files in the real window.
class JobFilesWindowTest extends DemoWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Test
    void aBrokenFileSaysSoAndTheJobStays(FxRobot robot) throws Exception {
        Path broken = Files.writeString(
                folder.resolve("broken.answerback.json"), "{\"format\": \"answerback-job\", \"version\": 1,");
        Platform.runLater(() -> application.keeper().open(broken));
        until(() -> reads(robot, "broken.answerback.json, line 1"));
        assertThat(job().site().name()).isEqualTo("Brinewell Cold Store");
        assertThat(broken).hasContent("{\"format\": \"answerback-job\", \"version\": 1,");
    }

    @Test
    void aNewerFileOpensReadOnly(FxRobot robot) throws Exception {
        Path newer = folder.resolve("newer.answerback.json");
        JobFile.save(newer, JobDocument.of(DemoJobs.job(1)));
        String text = Files.readString(newer).replaceFirst("\"version\": \\d+", "\"version\": 14");
        Files.writeString(newer, text);
        Platform.runLater(() -> application.keeper().open(newer));
        until(() -> reads(robot, "Read only") && reads(robot, "file version 14"));
        control(robot, KeyCode.S);
        until(() -> reads(robot, "is not overwritten"));
        assertThat(newer).hasContent(text);
    }

    @Test
    void savingWritesTheFileAndUnsavedEditsComeBackAfterACrash(FxRobot robot) throws Exception {
        Path file = folder.resolve("yard.answerback.json");
        JobFile.save(file, JobDocument.of(DemoJobs.job(1)));
        Platform.runLater(() -> application.keeper().open(file));
        until(() -> application.openJob().now().file().equals(Optional.of(file)));
        at(Stop.LOOP, "07");
        edit(robot, "Cable length 62 m", "77");
        until(() -> reads(robot, "Not saved"));
        control(robot, KeyCode.S);
        until(() -> reads(robot, "Saved yard.answerback.json"));
        assertThat(metres(JobFile.open(file).job())).isEqualTo(77);

        edit(robot, "Cable length 77 m", "88");
        until(() -> metres(job()) == 88);
        Platform.runLater(() -> application.keeper().open(file));
        until(() -> reads(robot, "Unsaved edits from the last run are back"));
        assertThat(metres(job())).isEqualTo(88);
        assertThat(metres(JobFile.open(file).job())).isEqualTo(77);
        control(robot, KeyCode.Z);
        until(() -> metres(job()) == 77);
    }

    @Test
    void aJobThatIsSavedUnderAnotherNameTakesItsLogAlong(FxRobot robot) throws Exception {
        Path first = folder.resolve("first.answerback.json");
        Path second = folder.resolve("second.answerback.json");
        JobFile.save(first, JobDocument.of(DemoJobs.job(1)));
        Platform.runLater(() -> application.keeper().open(first));
        until(() -> application.openJob().now().file().equals(Optional.of(first)));
        at(Stop.LOOP, "07");
        edit(robot, "Cable length 62 m", "77");
        Platform.runLater(() -> application.keeper().save());
        until(() -> logged(first) == 1);
        edit(robot, "Cable length 77 m", "88");
        Platform.runLater(() -> application.keeper().saveAs(second));
        until(() -> application.openJob().now().file().equals(Optional.of(second)));
        assertThat(logged(second)).isEqualTo(2);
        assertThat(logged(first)).isEqualTo(1);
        assertThat(JobLog.beside(second).read().broken()).isEmpty();
    }

    /// The log says nothing that the job's file does not: what is unsaved is kept with the edits, and comes
    /// back with them.
    @Test
    void theLogIsNeverAheadOfTheJobAndALineThatCannotBeWrittenWaits(FxRobot robot) throws Exception {
        Path file = folder.resolve("site.answerback.json");
        JobFile.save(file, JobDocument.of(DemoJobs.job(1)));
        Platform.runLater(() -> application.keeper().open(file));
        until(() -> application.openJob().now().file().equals(Optional.of(file)));
        at(Stop.LOOP, "07");
        edit(robot, "Cable length 62 m", "77");
        until(() -> kept(file).size() == 1);
        assertThat(logged(file)).isZero();
        Files.createDirectory(JobLog.beside(file).file());
        Platform.runLater(() -> application.keeper().save());
        until(() -> reads(robot, "The log beside the job cannot be written"));
        assertThat(metres(JobFile.open(file).job())).isEqualTo(77);
        assertThat(kept(file)).hasSize(1);
        Files.delete(JobLog.beside(file).file());
        control(robot, KeyCode.Z);
        Platform.runLater(() -> application.keeper().save());
        until(() -> logged(file) == 2);
        assertThat(kept(file)).isEmpty();
    }

    /// A program that was ended between writing the job and writing its log: both agree when the job is
    /// opened again.
    @Test
    void whatWasSavedAndNotLoggedIsLoggedWhenTheJobIsOpened() throws Exception {
        Path file = folder.resolve("site.answerback.json");
        JobDocument saved = JobFile.save(file, JobDocument.of(DemoJobs.job(1))).document();
        LogLine first = new LogLine(Instant.parse("2026-06-02T10:00:00Z"), "jk", "length of C-17");
        LogLine second = new LogLine(Instant.parse("2026-06-02T10:00:01Z"), "jk", "length of C-18");
        JobLog.beside(file).add(List.of(first));
        new Recovery(home).keep(file.toString(), saved, List.of(first, second));
        Platform.runLater(() -> application.keeper().open(file));
        until(() -> logged(file) == 2);
        assertThat(JobLog.beside(file).read().lines()).containsExactly(first, second);
        until(() -> kept(file).isEmpty());
    }

    /// Another window has the file: nothing that is done here is done to it.
    @Test
    void aWindowThatOnlyReadsWritesNothingIntoTheLog(FxRobot robot) throws Exception {
        Path file = folder.resolve("site.answerback.json");
        JobFile.save(file, JobDocument.of(DemoJobs.job(1)));
        OpenFiles.Hold theirs = new OpenFiles(home).take(file).orElseThrow();
        Platform.runLater(() -> application.keeper().open(file));
        until(() -> application.openJob().now().file().equals(Optional.of(file)));
        assertThat(application.openJob().now().readOnly()).contains("another window");
        at(Stop.LOOP, "07");
        edit(robot, "Cable length 62 m", "77");
        control(robot, KeyCode.Z);
        until(() -> metres(application.openJob().latest().get()) == 62);
        WaitForAsyncUtils.waitForAsyncFx(10_000, application::close);
        theirs.close();
        assertThat(JobLog.beside(file).file()).doesNotExist();
    }

    private List<LogLine> kept(Path file) {
        return new Recovery(home).find(file.toString()) instanceof Unsaved.Kept kept ? kept.log() : List.of();
    }

    private static int logged(Path file) {
        try {
            return JobLog.beside(file).read().lines().size();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static double metres(Job job) {
        return job.cableTo(new PointId("07")).orElseThrow().metres();
    }
}
