package io.answerback.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.loop.CheckedFaults;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.LoopCase;
import io.answerback.core.model.id.PointId;
import io.answerback.desktop.cable.CableSheet;
import io.answerback.desktop.loop.LoopSheet;
import io.answerback.desktop.work.SurveySheet;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.folder.Remembered;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import javafx.scene.Scene;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/// Nothing is cut off and no words lie on others, at the least window and the usual one, at 100 % and 150 %
/// text.
@ExtendWith(ApplicationExtension.class)
class LayoutTest {
    @TempDir
    static Path folder;

    private static ApplicationWindow application;

    private LayoutFaults faults;

    /// One window for all tests, on the first demo again for each; the test framework hides it after each.
    @Start
    void start(Stage stage) throws Exception {
        if (application == null) {
            application = opened(stage);
        } else {
            application.openJob().put(DemoJobs.job(1), Optional.empty(), "");
            application.leaveStart();
        }
        application.show();
        faults = new LayoutFaults(stage, application.look());
    }

    private static ApplicationWindow opened(Stage stage) throws Exception {
        Remembered known = Remembered.nothing();
        for (int demo = 1; demo <= DemoJobs.COUNT; demo++) {
            Path file = folder.resolve("demo" + demo + JobFile.ENDING);
            JobFile.save(file, JobDocument.of(DemoJobs.job(demo)));
            known = known.opened(file);
        }
        known.save(folder);
        Opened opened = Opened.read(new Opening.Demo(1), folder);
        ApplicationWindow window =
                new ApplicationWindow(stage, opened, folder, InstantSource.system(), 0, Duration.ZERO);
        window.openJob().waitUpTo(Duration.ofSeconds(10));
        return window;
    }

    @AfterAll
    static void stop() {
        WaitForAsyncUtils.waitForAsyncFx(10_000, application::close);
        application = null;
    }

    @Test
    void nothingIsCutOffAndNoWordsOverlap() {
        for (double[] size : LayoutFaults.SIZES) {
            faults.resize(size);
            for (Stop stop : Stop.values()) {
                for (String point : List.of("07", "12", "15", "mains")) {
                    faults.after(
                            () -> {
                                application.openJob().select(new PointId(point));
                                application.openJob().go(stop);
                            },
                            stop + " of " + point);
                }
            }
        }
        assertThat(faults.found()).isEmpty();
    }

    @Test
    void theSheetsOfTheSurveyAndTheStartSheetShowEveryWord() throws Exception {
        Path table = Files.writeString(folder.resolve("list.csv"), "name,kind\nSide gate,contact\nYard,laser\n");
        for (int demo = 1; demo <= DemoJobs.COUNT; demo++) {
            var job = DemoJobs.job(demo);
            faults.laidOut(() -> application.openJob().put(job, Optional.empty(), ""));
            for (double[] size : LayoutFaults.SIZES) {
                faults.resize(size);
                for (SurveySheet sheet : SurveySheet.values()) {
                    faults.after(() -> application.openJob().open(sheet), sheet + " of demo " + demo);
                }
            }
        }
        for (double[] size : LayoutFaults.SIZES) {
            faults.resize(size);
            faults.after(
                    () -> {
                        application.openJob().select(new PointId("05"));
                        application.openJob().go(Stop.LOOP);
                    },
                    "explained readings");
        }
        faults.laidOut(() -> application.survey().read(table));
        onDisk();
        for (double[] size : LayoutFaults.SIZES) {
            faults.resize(size);
            faults.after(() -> {}, "import");
        }
        faults.laidOut(() -> application.start().show(true));
        onDisk();
        for (double[] size : LayoutFaults.SIZES) {
            faults.resize(size);
            faults.after(() -> {}, "start");
        }
        assertThat(faults.found()).isEmpty();
    }

    /// Waits until nothing is left to be read, written or computed, twice, for one thing may follow from another.
    private void onDisk() throws Exception {
        for (int i = 0; i < 2; i++) {
            CompletableFuture<Void> done = new CompletableFuture<>();
            application.background().run(() -> null, nothing -> done.complete(null));
            done.get(10, TimeUnit.SECONDS);
            CompletableFuture<Void> computed = new CompletableFuture<>();
            application.background().compute(() -> null, nothing -> computed.complete(null));
            computed.get(10, TimeUnit.SECONDS);
        }
        faults.laidOut(() -> {});
    }

    /// The larger schemes, in each of their states and with each fault: a blade for each contact, a body for each
    /// resistor, no words on top of each other.
    @Test
    void theLargerSchemesAreDrawnWholeWithEveryFault() {
        var points = List.of("08", "11", "12");
        for (double[] size : LayoutFaults.TIGHTEST) {
            faults.resize(size);
            points.forEach(point -> {
                faults.laidOut(() -> {
                    application.openJob().go(Stop.LOOP);
                    application.openJob().select(new PointId(point));
                });
                FittedLoop loop = application
                        .openJob()
                        .now()
                        .point()
                        .wired()
                        .orElseThrow()
                        .fitted()
                        .orElseThrow();
                for (LoopCase loopCase : new CheckedFaults(12_000).cases(loop)) {
                    faults.after(
                            () -> application.openJob().switchTo(loopCase.device(), loopCase.fault()),
                            point + " " + loopCase.id());
                }
            });
        }
        assertThat(faults.found()).isEmpty();
    }

    @Test
    void twoBranchesATwoWireLoopAndTheSheetsBesideShowEveryWord() {
        faults.laidOut(() -> application.openJob().put(DemoJobs.job(3), Optional.empty(), ""));
        for (double[] size : LayoutFaults.SIZES) {
            faults.resize(size);
            for (String point : List.of("01", "06", "08", "10")) {
                faults.after(
                        () -> {
                            application.openJob().go(Stop.LOOP);
                            application.benches().loop().open(LoopSheet.ONE_LOOP);
                            application.openJob().select(new PointId(point));
                        },
                        "gallery " + point);
                for (LoopSheet sheet : LoopSheet.values()) {
                    faults.after(() -> application.benches().loop().open(sheet), sheet + " of gallery " + point);
                }
            }
        }
        assertThat(faults.found()).isEmpty();
    }

    /// At the least window with the largest text, more than half of it is left to work in: the chain folds to one
    /// line.
    @Test
    void theChainFoldsToOneLineWhereTheWindowIsLow() {
        faults.resize(new double[] {1100, 700, 150});
        faults.after(() -> application.openJob().go(Stop.LOOP), "folded chain");
        Scene scene = Window.getWindows().getFirst().getScene();
        assertThat(scene.lookup(".middle").getLayoutBounds().getHeight()).isGreaterThan(350);
        assertThat(scene.lookup(".chain").getLayoutBounds().getHeight()).isLessThan(70);
        assertThat(faults.found()).noneMatch(fault -> fault.contains("cut off"));
        faults.resize(LayoutFaults.USUAL);
        assertThat(scene.lookup(".chain").getLayoutBounds().getHeight()).isGreaterThan(100);
    }

    /// A name of 80 letters wraps in its column; ids and headings stay whole, and the chain keeps its height.
    @Test
    void aLongNameLeavesTheShortColumnsWhole() {
        faults.resize(LayoutFaults.USUAL);
        Scene scene = Window.getWindows().getFirst().getScene();
        faults.laidOut(() -> application.openJob().select(new PointId("07")));
        double height = scene.lookup(".chain").getLayoutBounds().getHeight();
        String name = "The second roller door of the loading dock beside the old weighbridge in yard 4";
        faults.laidOut(() -> application.openJob().apply(PointEdits.name(new PointId("07"), name)));
        assertThat(scene.lookup(".chain").getLayoutBounds().getHeight()).isEqualTo(height);
        for (CableSheet sheet : CableSheet.values()) {
            faults.after(
                    () -> {
                        application.openJob().go(Stop.CABLE);
                        application.benches().cable().open(sheet);
                    },
                    sheet + " with a long name");
        }
        assertThat(faults.found()).noneMatch(fault -> fault.contains("squeezed") || fault.contains("cut off: C-"));
    }
}
