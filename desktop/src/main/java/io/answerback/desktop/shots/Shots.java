package io.answerback.desktop.shots;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.Safeguard;
import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.HowSet;
import io.answerback.desktop.ApplicationWindow;
import io.answerback.desktop.Opened;
import io.answerback.desktop.Opening;
import io.answerback.desktop.bus.BusSheet;
import io.answerback.desktop.cable.CableSheet;
import io.answerback.desktop.handover.HandOverSheets;
import io.answerback.desktop.live.PanelPractice;
import io.answerback.desktop.live.PointCondition;
import io.answerback.desktop.power.PowerSheet;
import io.answerback.desktop.prove.ProveSheets;
import io.answerback.desktop.setup.SetupSheet;
import io.answerback.desktop.work.SurveySheet;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.demo.DemoJobs;
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
import javafx.stage.Stage;

/// Opens each main view with demo data and writes a picture of it. Its parameters are the folder, the width,
/// the height, the size of text in percent, and `light` or `dark`.
public final class Shots extends Application {
    /// The day the demos were written for.
    private static final Instant DAY = Instant.parse("2026-06-02T10:00:00Z");

    private static final int ANSWER_SECONDS = 20;
    private static final long EXIT_MILLIS = 120_000;
    private static final long ENTERING_MILLIS = 8_000;

    private static final int EXERCISE_SEED = 3;

    private ApplicationWindow application;
    private Stage stage;
    private Path folder;
    private Camera camera;

    @Override
    public void start(Stage shown) throws Exception {
        stage = shown;
        List<String> what = getParameters().getRaw();
        folder = Files.createDirectories(Path.of(what.getFirst()));
        Path scratch = Files.createTempDirectory("answerback-shots");
        application = new ApplicationWindow(
                stage, Opened.read(new Opening.Demo(1), scratch), scratch, InstantSource.fixed(DAY), 0, Duration.ZERO);
        stage.setWidth(Double.parseDouble(what.get(1)));
        stage.setHeight(Double.parseDouble(what.get(2)));
        application.look().textPercent().set(Integer.parseInt(what.get(3)));
        application.look().dark().set(what.get(4).equals("dark"));
        application.show();
        camera = new Camera(stage, application.background(), folder);
        Thread.ofVirtual().start(this::takeAll);
    }

    private void takeAll() {
        try {
            camera.page("parts", application.look(), PartsPage.of());
            survey();
            camera.take("loop", () -> {
                application.openJob().select(new PointId("07"));
                application.openJob().go(Stop.LOOP);
            });
            cables();
            power();
            bus();
            setUp();
            send("08");
            send("17");
            new ReportShots(application, camera).take();
            camera.take("prove", () -> {
                application.openJob().select(new PointId("09"));
                application.openJob().go(Stop.PROVE);
                application.benches().prove().open(ProveSheets.PLAN);
            });
            panel();
            camera.take("hand-over", () -> {
                application.openJob().go(Stop.HAND_OVER);
                application.benches().handOver().open(HandOverSheets.PACK);
            });
            exercise();
        } catch (Exception failed) {
            System.err.println("The pictures could not be taken: " + failed);
        } finally {
            Platform.exit();
        }
    }

    /// A hidden fault, with the site on test and one measurement made.
    private void exercise() throws Exception {
        camera.onWindow(() -> application.exercises().show(application.start(), () -> {}));
        camera.onWindow(() -> application.exercises().take(ExerciseKind.FAULT, 4, EXERCISE_SEED));
        camera.take("exercise", () -> {
            application.exercises().step(Safeguard.ON_TEST.id());
            application.exercises().step(MeasurementSetup.AT_REST.id());
        });
        camera.onWindow(() -> application.exercises().hide());
    }

    /// A practice panel in alarm: set, entered, and not unset in time.
    private void panel() throws Exception {
        camera.take("prove-panel", () -> {
            application.openJob().select(new PointId("01"));
            application.benches().prove().open(ProveSheets.PANEL);
            PanelPractice panel = application.benches().prove().panel();
            panel.of(application.openJob().now().job());
            panel.happens(new Happening.SetAsked(1, HowSet.CODE, 1, false, false));
            panel.pass(EXIT_MILLIS);
            panel.does(application.openJob().now().point(), PointCondition.ACTIVE);
            panel.pass(ENTERING_MILLIS);
        });
    }

    /// The terminals of a box with its tamper ring, and the run along the strip.
    private void cables() throws Exception {
        camera.take("cable", () -> {
            application.openJob().select(new PointId("05"));
            application.openJob().go(Stop.CABLE);
        });
        camera.onWindow(() -> application.benches().cable().open(CableSheet.BOX));
    }

    /// The battery's fall, and the supply tree with what would mend it.
    private void power() throws Exception {
        camera.take("power", () -> {
            application.openJob().select(new PointId("20"));
            application.openJob().go(Stop.POWER);
        });
        camera.onWindow(() -> application.benches().power().open(PowerSheet.HOLD));
    }

    /// What is typed, what is wanted, and what zones do by day and night.
    private void setUp() throws Exception {
        camera.take("setup", () -> {
            application.openJob().select(new PointId("01"));
            application.openJob().go(Stop.SET_UP);
        });
        camera.take("setup-ways", () -> application.benches().setup().open(SetupSheet.WAYS));
        camera.onWindow(() -> application.benches().setup().open(SetupSheet.TYPING));
    }

    /// The bus as it is laid, where each zone is read, and what the panel hears by radio.
    private void bus() throws Exception {
        camera.take("bus", () -> {
            application.openJob().select(new PointId("13"));
            application.openJob().go(Stop.BUS);
        });
        camera.onWindow(() -> {
            application.benches().bus().open(BusSheet.LAID);
            put(DemoJobs.job(1));
        });
    }

    /// The sheets of the survey, each of the demo that has most to show on it, and the start sheet.
    private void survey() throws Exception {
        camera.onWindow(() -> {
            application.openJob().select(new PointId("07"));
            application.openJob().open(SurveySheet.ROOMS);
        });
        camera.take(
                "survey-rooms", () -> application.benches().survey().type("side gate, contact, yard, immediate, 34 m"));
        camera.onWindow(() -> application.benches().survey().type(""));
        camera.take("survey-rules", () -> {
            put(DemoJobs.job(2));
            application.openJob().open(SurveySheet.HOUSE_RULES);
        });
        camera.take("survey-inputs", () -> {
            put(DemoJobs.job(3));
            application.openJob().open(SurveySheet.INPUTS);
        });
        startSheet();
        camera.onWindow(() -> put(DemoJobs.job(1)));
    }

    private void startSheet() throws Exception {
        for (int number = DemoJobs.COUNT; number >= 1; number--) {
            Path file = folder.resolve(DemoJobs.NAMES.get(number - 1) + JobFile.ENDING);
            JobFile.overwrite(file, JobDocument.of(DemoJobs.job(number)));
            camera.onWindow(() -> application.keeper().open(file));
        }
        camera.take("start", () -> application.start().show(true));
        for (String name : DemoJobs.NAMES) {
            Files.delete(folder.resolve(name + JobFile.ENDING));
        }
        camera.onWindow(application::leaveStart);
    }

    private void put(Job job) {
        application.openJob().put(job, Optional.empty(), "");
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

    @Override
    public void stop() {
        application.close();
    }
}
