package io.answerback.desktop.shots;

import io.answerback.core.finding.Stop;
import io.answerback.core.id.PointId;
import io.answerback.core.scheme.DeviceState;
import io.answerback.core.scheme.LoopFault;
import io.answerback.core.site.Job;
import io.answerback.core.site.Measurement;
import io.answerback.core.takeover.TakeOverEdits;
import io.answerback.desktop.ApplicationWindow;
import io.answerback.desktop.Opened;
import io.answerback.desktop.Opening;
import io.answerback.desktop.bus.BusSheet;
import io.answerback.desktop.cable.CableSheet;
import io.answerback.desktop.loop.LoopSheet;
import io.answerback.desktop.power.PowerSheet;
import io.answerback.desktop.setup.SetupSheet;
import io.answerback.desktop.work.SurveySheet;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.demo.DemoJobs;
import java.awt.image.BufferedImage;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javax.imageio.ImageIO;

/// Opens each main view with demo data and writes a picture of it. Its parameters are the folder, the width,
/// the height, the size of text in percent, and `light` or `dark`.
public final class Shots extends Application {
    private static final int ANSWER_SECONDS = 20;

    private ApplicationWindow application;
    private Stage stage;
    private Path folder;

    @Override
    public void start(Stage shown) throws Exception {
        stage = shown;
        List<String> what = getParameters().getRaw();
        folder = Files.createDirectories(Path.of(what.getFirst()));
        Path scratch = Files.createTempDirectory("answerback-shots");
        application = new ApplicationWindow(
                stage, Opened.read(new Opening.Demo(1), scratch), scratch, InstantSource.system(), 0, Duration.ZERO);
        stage.setWidth(Double.parseDouble(what.get(1)));
        stage.setHeight(Double.parseDouble(what.get(2)));
        application.look().textPercent().set(Integer.parseInt(what.get(3)));
        application.look().dark().set(what.get(4).equals("dark"));
        application.show();
        Thread.ofVirtual().start(this::takeAll);
    }

    private void takeAll() {
        try {
            survey();
            take("loop", () -> {
                application.openJob().select(new PointId("07"));
                application.openJob().go(Stop.LOOP);
            });
            take("loop-cause", () -> {
                application.openJob().switchTo(DeviceState.ACTIVE, LoopFault.NONE);
                application
                        .openJob()
                        .apply(TakeOverEdits.measured(new Measurement(
                                new PointId("07"),
                                Instant.now(),
                                Measurement.Measured.LOOP_ACTIVE,
                                Optional.of(4380.0),
                                "")));
            });
            onWindow(() -> {
                application.openJob().undo();
                application.openJob().tell("");
            });
            loops();
            cables();
            power();
            bus();
            setUp();
            send("08");
            send("17");
            take("report", () -> {
                application.openJob().select(new PointId("17"));
                application.openJob().go(Stop.REPORT);
            });
            take("prove", () -> {
                application.openJob().select(new PointId("09"));
                application.openJob().go(Stop.PROVE);
            });
        } catch (Exception failed) {
            System.err.println("The pictures could not be taken: " + failed);
        } finally {
            Platform.exit();
        }
    }

    /// The terminals of a box with its tamper ring, and the run along the strip.
    private void cables() throws Exception {
        take("cable", () -> {
            application.openJob().select(new PointId("05"));
            application.openJob().go(Stop.CABLE);
        });
        onWindow(() -> application.benches().cable().open(CableSheet.BOX));
    }

    /// The battery's fall, and the supply tree with what would mend it.
    private void power() throws Exception {
        take("power", () -> {
            application.openJob().select(new PointId("20"));
            application.openJob().go(Stop.POWER);
        });
        take("power-volts", () -> application.benches().power().open(PowerSheet.VOLTS));
        onWindow(() -> application.benches().power().open(PowerSheet.HOLD));
    }

    /// What is typed, what is wanted, what zones do by day and night, and the panel's profile.
    private void setUp() throws Exception {
        take("setup", () -> {
            application.openJob().select(new PointId("01"));
            application.openJob().go(Stop.SET_UP);
        });
        take("setup-decisions", () -> application.benches().setup().open(SetupSheet.DECISIONS));
        take("setup-ways", () -> application.benches().setup().open(SetupSheet.WAYS));
        take("setup-profile", () -> application.benches().setup().open(SetupSheet.PROFILE));
        onWindow(() -> application.benches().setup().open(SetupSheet.TYPING));
    }

    /// The bus as it is laid, where each zone is read, and what the panel hears by radio.
    private void bus() throws Exception {
        take("bus", () -> {
            application.openJob().select(new PointId("13"));
            application.openJob().go(Stop.BUS);
        });
        take("bus-zones", () -> application.benches().bus().open(BusSheet.ZONES));
        take("bus-radio", () -> {
            put(DemoJobs.job(3));
            application.openJob().select(new PointId("12"));
            application.openJob().go(Stop.BUS);
            application.benches().bus().open(BusSheet.RADIO);
        });
        onWindow(() -> {
            application.benches().bus().open(BusSheet.LAID);
            put(DemoJobs.job(1));
        });
    }

    /// The column of readings, and the resistors.
    private void loops() throws Exception {
        take("loop-readings", () -> {
            application.openJob().select(new PointId("10"));
            application.benches().loop().open(LoopSheet.READINGS);
        });
        onWindow(() -> application.benches().loop().open(LoopSheet.ONE_LOOP));
    }

    /// The sheets of the survey, each of the demo that has most to show on it, and the start sheet.
    private void survey() throws Exception {
        onWindow(() -> {
            application.openJob().select(new PointId("07"));
            application.openJob().open(SurveySheet.ROOMS);
        });
        take("survey-rooms", () -> application.benches().survey().type("side gate, contact, yard, immediate, 34 m"));
        onWindow(() -> application.benches().survey().type(""));
        take("survey-rules", () -> {
            put(DemoJobs.job(2));
            application.openJob().open(SurveySheet.HOUSE_RULES);
        });
        take("survey-inputs", () -> {
            put(DemoJobs.job(3));
            application.openJob().open(SurveySheet.INPUTS);
        });
        startSheet();
        onWindow(() -> put(DemoJobs.job(1)));
    }

    private void startSheet() throws Exception {
        for (int number = DemoJobs.COUNT; number >= 1; number--) {
            Path file = folder.resolve(DemoJobs.NAMES.get(number - 1) + JobFile.ENDING);
            JobFile.overwrite(file, JobDocument.of(DemoJobs.job(number)));
            onWindow(() -> application.keeper().open(file));
        }
        take("start", () -> application.start().show(true));
        for (String name : DemoJobs.NAMES) {
            Files.delete(folder.resolve(name + JobFile.ENDING));
        }
        onWindow(application::leaveStart);
    }

    private void put(Job job) {
        application.openJob().put(job, Optional.empty(), "");
    }

    /// Does something on the JavaFX thread, and waits until what follows from it is read, written and computed.
    private void onWindow(Runnable action) throws Exception {
        CompletableFuture<Void> done = new CompletableFuture<>();
        Platform.runLater(() -> {
            action.run();
            application
                    .background()
                    .run(
                            () -> null,
                            read -> settle(
                                    2,
                                    () -> application
                                            .background()
                                            .compute(() -> null, computed -> settle(2, () -> done.complete(null)))));
        });
        done.get(ANSWER_SECONDS, TimeUnit.SECONDS);
    }

    private void send(String point) throws Exception {
        CompletableFuture<Void> answered = new CompletableFuture<>();
        Platform.runLater(() -> {
            application
                    .practice()
                    .run()
                    .subscribe(run -> run.filter(its -> its.pointId().equals(new PointId(point)))
                            .filter(its -> !its.travelling() && its.links().size() == 7)
                            .ifPresent(its -> answered.complete(null)));
            application.practice().toggle(new PointId(point));
        });
        answered.get(ANSWER_SECONDS, TimeUnit.SECONDS);
    }

    private void take(String name, Runnable prepare) throws Exception {
        CompletableFuture<WritableImage> picture = new CompletableFuture<>();
        onWindow(prepare);
        onWindow(() -> {});
        settle(3, () -> picture.complete(stage.getScene().snapshot(null)));
        write(
                picture.get(ANSWER_SECONDS, TimeUnit.SECONDS),
                folder.resolve(name + ".png").toFile());
    }

    /// Lets a few pulses pass, so that every drawing has got its width.
    private void settle(int pulses, Runnable then) {
        Platform.runLater(() -> {
            stage.getScene().getRoot().applyCss();
            stage.getScene().getRoot().layout();
            if (pulses == 0) {
                then.run();
            } else {
                settle(pulses - 1, then);
            }
        });
    }

    private static void write(WritableImage image, File file) throws IOException {
        int width = (int) image.getWidth();
        int height = (int) image.getHeight();
        BufferedImage copy = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                copy.setRGB(x, y, image.getPixelReader().getArgb(x, y));
            }
        }
        ImageIO.write(copy, "png", file);
    }

    @Override
    public void stop() {
        application.close();
    }
}
