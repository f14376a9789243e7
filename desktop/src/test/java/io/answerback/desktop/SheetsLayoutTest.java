package io.answerback.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.desktop.bus.BusSheet;
import io.answerback.desktop.handover.HandOverSheets;
import io.answerback.desktop.power.PowerSheet;
import io.answerback.desktop.prove.ProveSheets;
import io.answerback.desktop.report.ReportSheet;
import io.answerback.desktop.setup.SetupSheet;
import io.answerback.files.demo.DemoJobs;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/// Every sheet of the power, bus, set-up, report, prove and hand-over benches shows every word, at the least window
/// and the usual one, at 100 % and 150 % text.
@ExtendWith(ApplicationExtension.class)
class SheetsLayoutTest {
    @TempDir
    static Path folder;

    private static ApplicationWindow application;

    private LayoutFaults faults;

    /// One window for all tests; the test framework hides it after each.
    @Start
    void start(Stage stage) throws Exception {
        if (application == null) {
            application = new ApplicationWindow(
                    stage,
                    Opened.read(new Opening.Demo(1), folder),
                    folder,
                    InstantSource.fixed(DemoWindow.NOW),
                    0,
                    Duration.ZERO);
            application.openJob().waitUpTo(Duration.ofSeconds(10));
        }
        application.exercises().hide();
        application.leaveStart();
        application.show();
        faults = new LayoutFaults(stage, application.look());
    }

    @AfterAll
    static void stop() {
        WaitForAsyncUtils.waitForAsyncFx(10_000, application::close);
        application = null;
    }

    @Test
    void everySheetOfThePowerBenchShowsEveryWord() {
        for (int demo : List.of(1, 3)) {
            at(demo, Stop.POWER);
            for (double[] size : LayoutFaults.SIZES) {
                faults.resize(size);
                for (PowerSheet sheet : PowerSheet.values()) {
                    faults.after(() -> application.benches().power().open(sheet), sheet + " of demo " + demo);
                }
            }
        }
        assertThat(faults.found()).isEmpty();
    }

    @Test
    void everySheetOfTheBusBenchShowsEveryWord() {
        for (int demo : List.of(1, 3)) {
            at(demo, Stop.BUS);
            for (double[] size : LayoutFaults.SIZES) {
                faults.resize(size);
                for (BusSheet sheet : BusSheet.values()) {
                    faults.after(() -> application.benches().bus().open(sheet), sheet + " of demo " + demo);
                }
            }
        }
        assertThat(faults.found()).isEmpty();
    }

    @Test
    void everySheetOfTheSetUpBenchShowsEveryWord() {
        for (int demo : List.of(1, 3)) {
            at(demo, Stop.SET_UP);
            for (double[] size : LayoutFaults.SIZES) {
                faults.resize(size);
                for (SetupSheet sheet : SetupSheet.values()) {
                    faults.after(() -> application.benches().setup().open(sheet), sheet + " of demo " + demo);
                }
            }
        }
        assertThat(faults.found()).isEmpty();
    }

    @Test
    void everySheetOfTheReportBenchShowsEveryWord() {
        for (String receiver : List.of("A1", "B")) {
            at(1, Stop.REPORT);
            faults.laidOut(() -> application.benches().report().lookAt(new ReceiverId(receiver)));
            for (double[] size : LayoutFaults.SIZES) {
                faults.resize(size);
                for (ReportSheet sheet : ReportSheet.values()) {
                    faults.after(() -> application.benches().report().open(sheet), sheet + " of " + receiver);
                }
            }
        }
        assertThat(faults.found()).isEmpty();
    }

    private void at(int demo, Stop stop) {
        faults.laidOut(() -> {
            application.openJob().put(DemoJobs.job(demo), Optional.empty(), "");
            application.openJob().go(stop);
        });
    }

    @Test
    void everySheetOfTheProveBenchShowsEveryWord() {
        for (int demo : List.of(1, 3)) {
            at(demo, Stop.PROVE);
            for (double[] size : LayoutFaults.SIZES) {
                faults.resize(size);
                for (ProveSheets sheet : ProveSheets.values()) {
                    faults.after(() -> application.benches().prove().open(sheet), sheet + " of demo " + demo);
                }
            }
        }
        assertThat(faults.found()).isEmpty();
    }

    @Test
    void everySheetOfTheHandOverBenchShowsEveryWord() {
        for (int demo : List.of(1, 3)) {
            at(demo, Stop.HAND_OVER);
            for (double[] size : LayoutFaults.SIZES) {
                faults.resize(size);
                for (HandOverSheets sheet : HandOverSheets.values()) {
                    faults.after(() -> application.benches().handOver().open(sheet), sheet + " of demo " + demo);
                }
            }
        }
        assertThat(faults.found()).isEmpty();
    }

    @Test
    void everyKindOfExerciseShowsEveryWord() {
        faults.laidOut(() -> application.exercises().show(application.start(), () -> {}));
        Screen.until(() -> application.exercises().ready());
        for (double[] size : LayoutFaults.SIZES) {
            faults.resize(size);
            for (ExerciseKind kind : ExerciseKind.values()) {
                for (int grade : List.of(1, 3, Exercise.GRADES)) {
                    faults.laidOut(() -> application.exercises().take(kind, grade, grade));
                    Screen.until(() -> application.exercises().ready());
                    faults.after(() -> {}, kind + ", grade " + grade);
                }
            }
        }
        assertThat(faults.found()).isEmpty();
    }
}
