package io.answerback.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.finding.Stop;
import io.answerback.desktop.bus.BusSheet;
import io.answerback.desktop.power.PowerSheet;
import io.answerback.desktop.setup.SetupSheet;
import io.answerback.files.demo.DemoJobs;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// Every sheet of the power and bus benches shows every word, at the least window and the usual one, at 100 %
/// and 150 % text.
class SheetsLayoutTest extends DemoWindow {
    private Stage stage;

    @Start
    void start(Stage shown) throws Exception {
        stage = shown;
        open(shown);
    }

    @Test
    void everySheetOfThePowerBenchShowsEveryWord(FxRobot robot) {
        List<String> wrong = new ArrayList<>();
        for (int demo : List.of(1, 3)) {
            at(demo, Stop.POWER);
            for (double[] size : LayoutFaults.SIZES) {
                resize(size);
                for (PowerSheet sheet : PowerSheet.values()) {
                    shown(() -> application.benches().power().open(sheet));
                    wrong.addAll(LayoutFaults.of(robot, sheet + " of demo " + demo, size));
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    @Test
    void everySheetOfTheBusBenchShowsEveryWord(FxRobot robot) {
        List<String> wrong = new ArrayList<>();
        for (int demo : List.of(1, 3)) {
            at(demo, Stop.BUS);
            for (double[] size : LayoutFaults.SIZES) {
                resize(size);
                for (BusSheet sheet : BusSheet.values()) {
                    shown(() -> application.benches().bus().open(sheet));
                    wrong.addAll(LayoutFaults.of(robot, sheet + " of demo " + demo, size));
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    @Test
    void everySheetOfTheSetUpBenchShowsEveryWord(FxRobot robot) {
        List<String> wrong = new ArrayList<>();
        for (int demo : List.of(1, 3)) {
            at(demo, Stop.SET_UP);
            for (double[] size : LayoutFaults.SIZES) {
                resize(size);
                for (SetupSheet sheet : SetupSheet.values()) {
                    shown(() -> application.benches().setup().open(sheet));
                    wrong.addAll(LayoutFaults.of(robot, sheet + " of demo " + demo, size));
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    private void shown(Runnable change) {
        onScreen(change);
        onScreen(() -> {
            stage.getScene().getRoot().applyCss();
            stage.getScene().getRoot().layout();
        });
    }

    private void at(int demo, Stop stop) {
        shown(() -> {
            application.openJob().put(DemoJobs.job(demo), Optional.empty(), "");
            application.openJob().go(stop);
        });
    }

    private void resize(double[] size) {
        shown(() -> {
            stage.setWidth(size[0]);
            stage.setHeight(size[1]);
            application.look().textPercent().set((int) size[2]);
        });
    }
}
