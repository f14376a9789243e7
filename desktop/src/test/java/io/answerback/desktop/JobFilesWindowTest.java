package io.answerback.desktop;

import static io.answerback.desktop.Screen.control;
import static io.answerback.desktop.Screen.edit;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.finding.Stop;
import io.answerback.core.id.PointId;
import io.answerback.core.site.Job;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.record.JobLog;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

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
        until(() -> logged(first) == 1);
        Platform.runLater(() -> application.keeper().saveAs(second));
        until(() -> application.openJob().now().file().equals(Optional.of(second)));
        edit(robot, "Cable length 77 m", "88");
        until(() -> logged(second) == 2);
        assertThat(logged(first)).isEqualTo(1);
        assertThat(JobLog.beside(second).read().broken()).isEmpty();
    }

    private static int logged(Path file) {
        try {
            return JobLog.beside(file).read().entries().size();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static double metres(Job job) {
        return job.cableTo(new PointId("07")).orElseThrow().metres();
    }
}
