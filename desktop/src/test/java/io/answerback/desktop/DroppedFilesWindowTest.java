package io.answerback.desktop;

import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.ServiceEdits;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.service.VisitKind;
import io.answerback.core.signal.sound.CallScript;
import io.answerback.core.signal.sound.LineQuality;
import io.answerback.core.signal.sound.Synthesis;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.exchange.PointCsv;
import io.answerback.files.exchange.WavFile;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Random;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// Whatever file is dropped on the window goes to where its sort belongs.
class DroppedFilesWindowTest extends DemoWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private void drop(Path file) {
        onScreen(() -> application.open(file));
    }

    @Test
    void eachGoesToItsPlace(FxRobot robot) throws Exception {
        recording(robot);
        points(robot);
        photograph(robot);
        whatIsNoJob(robot);
        rules(robot);
        anotherJob();
    }

    /// A recording is heard at Report.
    private void recording(FxRobot robot) throws Exception {
        Path file = folder.resolve("call.WAV");
        WavFile.write(
                file,
                Synthesis.of(
                        new CallScript().silence(200).tones("7316181300200155").call(),
                        LineQuality.GOOD,
                        new Random(1)));
        drop(file);
        until(() -> application.openJob().now().stop() == Stop.REPORT);
        until(() -> reads(robot, "call.WAV"));
    }

    /// A table of points is looked at before any of it is taken.
    private void points(FxRobot robot) throws Exception {
        Path file = folder.resolve("points.csv");
        PointCsv.write(file, DemoJobs.job(2));
        int before = job().points().size();
        drop(file);
        until(() -> application.openJob().now().stop() == Stop.SURVEY);
        until(() -> reads(robot, "points.csv"));
        assertThat(job().points()).hasSize(before);
    }

    /// A picture wants a job that has a file, beside which it is kept.
    private void photograph(FxRobot robot) throws Exception {
        Path picture = folder.resolve("box.png");
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", picture.toFile());
        Path file = folder.resolve("site.answerback.json");
        onScreen(() -> application.openJob().apply(ServiceEdits.begin(VisitKind.INSTALL, "new", "jk", NOW)));
        onScreen(() -> application.keeper().saveAs(file));
        until(() -> application.openJob().now().file().equals(Optional.of(file)));
        drop(picture);
        until(() -> application.openJob().now().stop() == Stop.HAND_OVER);
        until(() -> reads(robot, "box.png") || !job().service().photographs().isEmpty());
    }

    /// What is nothing else is opened as a job, and refused where it is none.
    private void whatIsNoJob(FxRobot robot) throws Exception {
        Path words = Files.writeString(folder.resolve("notes.md"), "call the station before ten");
        drop(words);
        until(() -> reads(robot, "notes.md is not an Answerback job; it is text"));
        assertThat(job().site().name()).isEqualTo("Brinewell Cold Store");
    }

    /// House rules are taken on the start sheet.
    private void rules(FxRobot robot) throws Exception {
        Path file = Files.writeString(folder.resolve("ours.rules.json"), "{\"name\": 7}");
        drop(file);
        until(() -> reads(robot, "ours.rules.json"));
    }

    private void anotherJob() throws Exception {
        Path file = folder.resolve("pottery.answerback.json");
        JobFile.save(file, JobDocument.of(DemoJobs.job(2)));
        drop(file);
        until(() -> job().site().name().equals("Pike Lane Pottery"));
        assertThat(application.openJob().now().file()).contains(file);
    }
}
