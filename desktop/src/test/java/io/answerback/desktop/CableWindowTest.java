package io.answerback.desktop;

import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.named;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.cable.CableInstallation;
import io.answerback.core.model.cable.CableInstallation.Progress;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.desktop.cable.CableSheet;
import java.util.Comparator;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// The cable bench, driven by keys and clicks.
class CableWindowTest extends DemoWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private CableInstallation installation(String point) {
        return job().cableTo(new PointId(point)).orElseThrow().installation();
    }

    private void at(String point) {
        at(Stop.CABLE, point);
    }

    @Test
    void aBoxIsWiredByKeyboardAlone(FxRobot robot) {
        at("24");
        onScreen(() -> application
                .openJob()
                .apply(CableEdits.installation(
                        "",
                        new CableId("C-07"),
                        installation -> CableInstallation.PLANNED
                                .withType(installation.type().orElseThrow())
                                .withLabels(true, true)
                                .withProgress(Progress.RUN))));
        onScreen(() -> application.benches().cable().open(CableSheet.RUN));
        until(() -> reads(robot, "Keypad 1 · 8 of 10 done") && reads(robot, "Yellow of C-07 to input 1"));
        onScreen(() -> named(robot, "Yellow of C-07").requestFocus());
        type(KeyCode.DOWN);
        until(() -> reads(robot, "Green of C-07 to 0V beside 1"));
        type(KeyCode.ENTER);
        until(() -> reads(robot, "9 of 10 done") && reads(robot, "Yellow of C-07 to input 1"));
        type(KeyCode.BACK_SPACE);
        until(() -> reads(robot, "8 of 10 done"));
        onScreen(() -> named(robot, "Green of C-07").requestFocus());
        type(KeyCode.ENTER, KeyCode.ENTER);
        until(() -> reads(robot, "Everything is terminated"));
        assertThat(installation("24").reached()).isEqualTo(Progress.LABELLED);
        // the other end is at the device, and with it the cable is terminated
        onScreen(() -> application.benches().cable().open(CableSheet.BOX));
        click(robot, "Other end: device 24");
        onScreen(() -> application.benches().cable().open(CableSheet.RUN));
        until(() -> reads(robot, "Yellow of C-07 to tamper in"));
        onScreen(() -> named(robot, "Yellow of C-07").requestFocus());
        type(KeyCode.ENTER, KeyCode.ENTER);
        until(() -> reads(robot, "Everything is terminated"));
        assertThat(installation("24").progress()).isEqualTo(Progress.TERMINATED);
        assertThat(installation("24").terminated()).allMatch(core -> core.at().equals(NOW));
    }

    @Test
    void aCableInTheListIsBroughtIntoSightAndOneThatIsClickedStaysWhereItIs(FxRobot robot) {
        at("01");
        onScreen(() -> application.benches().cable().open(CableSheet.CABLES));
        assertThat(cablesInSight(robot)).contains("C-01").doesNotContain("C-25");
        at("19");
        until(() -> cablesInSight(robot).contains("C-25"));
        List<String> before = cablesInSight(robot);
        click(robot, before.get(3) + " to ");
        until(() -> reads(robot, before.get(3)));
        assertThat(cablesInSight(robot)).isEqualTo(before);
    }

    /// From the top down.
    private static List<String> cablesInSight(FxRobot robot) {
        return robot.lookup(".row-list .core-row").<Node>queryAll().stream()
                .filter(Screen::shown)
                .sorted(Comparator.comparing(
                        row -> row.localToScene(row.getBoundsInLocal()).getMinY()))
                .map(row -> row.getAccessibleText().split(" ")[0])
                .toList();
    }

    @Test
    void theRunCanHaveTheWholeWindow(FxRobot robot) {
        at("15");
        onScreen(() -> application.benches().cable().open(CableSheet.RUN));
        click(robot, "Whole window");
        until(() -> !reads(robot, "Signal chain") && reads(robot, "Red of C-05 to 12V"));
        type(KeyCode.ENTER);
        until(() -> reads(robot, "Black of C-05 to 0V beside 12V"));
        type(KeyCode.ESCAPE);
        until(() -> reads(robot, "Signal chain"));
        assertThat(installation("15").terminated()).hasSize(1);
    }
}
