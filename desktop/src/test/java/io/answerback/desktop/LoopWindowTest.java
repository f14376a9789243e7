package io.answerback.desktop;

import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.control;
import static io.answerback.desktop.Screen.named;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;
import static io.answerback.desktop.Screen.write;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Measurement;
import java.util.List;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/// The sheets of the loop bench, driven by keys and clicks.
class LoopWindowTest extends DemoWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private void at(String point) {
        at(Stop.LOOP, point);
    }

    private List<Measurement> taken() {
        return job().measurements().stream()
                .filter(reading -> reading.at().equals(NOW))
                .toList();
    }

    @Test
    void readingsOfABoxAreTypedOneAfterTheOther(FxRobot robot) {
        at("09");
        click(robot, "Sheet Readings");
        until(() -> reads(robot, "What the meter showed"));
        WaitForAsyncUtils.waitForAsyncFx(
                5_000, () -> ((TextField) named(robot, "Reading of 17 Dock side door")).requestFocus());
        write(robot, "2207");
        type(KeyCode.TAB);
        write(robot, "2k2");
        type(KeyCode.TAB);
        // 1.60 V of 5 V through 4k7 is 2 212 Ω
        write(robot, "1.60 V");
        type(KeyCode.TAB);
        write(robot, "open");
        type(KeyCode.TAB);
        until(() -> taken().size() == 3);
        assertThat(taken())
                .extracting(Measurement::pointId)
                .containsExactly(new PointId("18"), new PointId("22"), new PointId("06"));
        assertThat(taken().get(1).ohms().orElseThrow()).isBetween(2211.0, 2212.5);
        until(() -> finds("reading-off:06:at-rest") && reads(robot, "too high: open"));
        assertThat(application.openJob().now().selected()).isEqualTo(new PointId("07"));
        control(robot, KeyCode.Z);
        until(() -> taken().size() == 2);
    }

    @Test
    void aReadingThatIsNoneIsExplainedAndNothingIsLost(FxRobot robot) {
        at("09");
        click(robot, "Sheet Readings");
        WaitForAsyncUtils.waitForAsyncFx(
                5_000, () -> ((TextField) named(robot, "Reading of 22 Office fire exit")).requestFocus());
        for (String typed : List.of("a lot", "-4", "7 V")) {
            write(robot, typed);
            type(KeyCode.ENTER);
            until(() -> reads(robot, "22 Office fire exit: "));
            assertThat(taken()).isEmpty();
            WaitForAsyncUtils.waitForAsyncFx(5_000, () -> {
                TextField field = (TextField) named(robot, "Reading of 22 Office fire exit");
                field.requestFocus();
                field.selectAll();
                application.openJob().tell("");
            });
        }
    }

    @Test
    void theSliderShowsTheMarginGoingAndTheJobStaysUntilItIsKept(FxRobot robot) {
        at("07");
        until(() -> reads(robot, "gives at 588 m"));
        WaitForAsyncUtils.waitForAsyncFx(
                5_000, () -> named(robot, "Move the cable length").requestFocus());
        type(KeyCode.END);
        until(() -> reads(robot, "shut reads between bands"));
        assertThat(job().cableTo(new PointId("07")).orElseThrow().metres()).isEqualTo(62);
        type(KeyCode.ESCAPE);
        until(() -> reads(robot, "gives at 588 m"));
        type(KeyCode.RIGHT);
        until(() -> reads(robot, "inside when shut"));
        click(robot, "Keep it");
        until(() -> job().cableTo(new PointId("07")).orElseThrow().metres() > 62);
        control(robot, KeyCode.Z);
        until(() -> job().cableTo(new PointId("07")).orElseThrow().metres() == 62);
    }
}
