package io.answerback.desktop;

import static io.answerback.desktop.Screen.choose;
import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.edit;
import static io.answerback.desktop.Screen.named;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.until;
import static io.answerback.desktop.Screen.write;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.device.SchemeKind;
import io.answerback.core.finding.Stop;
import io.answerback.core.id.PointId;
import io.answerback.core.site.Measurement;
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
        write(robot, "2207").type(KeyCode.TAB);
        write(robot, "2k2").type(KeyCode.TAB);
        // 1.60 V of 5 V through 4k7 is 2 212 Ω
        write(robot, "1.60 V").type(KeyCode.TAB);
        write(robot, "open").type(KeyCode.TAB);
        until(() -> taken().size() == 3);
        assertThat(taken())
                .extracting(Measurement::pointId)
                .containsExactly(new PointId("18"), new PointId("22"), new PointId("06"));
        assertThat(taken().get(1).ohms().orElseThrow()).isBetween(2211.0, 2212.5);
        until(() -> finds("reading-off:06:at-rest") && reads(robot, "too high: open"));
        assertThat(application.openJob().now().selected()).isEqualTo(new PointId("07"));
        robot.press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
        until(() -> taken().size() == 2);
    }

    @Test
    void aReadingThatIsNoneIsExplainedAndNothingIsLost(FxRobot robot) {
        at("09");
        click(robot, "Sheet Readings");
        WaitForAsyncUtils.waitForAsyncFx(
                5_000, () -> ((TextField) named(robot, "Reading of 22 Office fire exit")).requestFocus());
        for (String typed : List.of("a lot", "-4", "7 V")) {
            write(robot, typed).type(KeyCode.ENTER);
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
        robot.type(KeyCode.END);
        until(() -> reads(robot, "shut reads between bands"));
        assertThat(job().cableTo(new PointId("07")).orElseThrow().metres()).isEqualTo(62);
        robot.type(KeyCode.ESCAPE);
        until(() -> reads(robot, "gives at 588 m"));
        robot.type(KeyCode.RIGHT);
        until(() -> reads(robot, "inside when shut"));
        click(robot, "Keep it");
        until(() -> job().cableTo(new PointId("07")).orElseThrow().metres() > 62);
        robot.press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
        until(() -> job().cableTo(new PointId("07")).orElseThrow().metres() == 62);
    }

    @Test
    void aSchemeTheInputCannotReadIsSaidAtTheChoiceAndCanBeTakenBack(FxRobot robot) {
        at("06");
        choose(robot, "Scheme", "two-wire detector loop · this input cannot read it");
        until(() -> reads(robot, "its input cannot read a two-wire detector loop"));
        choose(robot, "Scheme", "triple end-of-line");
        until(() -> job().point(new PointId("06")).orElseThrow().loop().scheme() == SchemeKind.TRIPLE_END_OF_LINE);
        assertThat(job().point(new PointId("06")).orElseThrow().loop().secondOhms())
                .isEqualTo(10_000);
        until(() -> reads(robot, "mask"));
    }

    @Test
    void twoPointsShareAnInputAndEachKeepsItsZone(FxRobot robot) {
        at("17");
        choose(robot, "Scheme", "two zones, resistors across the contacts");
        choose(robot, "Point on the second zone", "18 Dock office movement");
        until(() -> job().inputOf(new PointId("18")).orElseThrow().second());
        at("18");
        until(() -> reads(robot, "second zone of 17 Dock side door"));
        assertThat(job().zone(job().inputOf(new PointId("18")).orElseThrow().zone()))
                .isPresent();
    }

    @Test
    void aResistorIsReadByItsBandsAndTriedInTheLoop(FxRobot robot) {
        at("07");
        click(robot, "Sheet Resistors");
        until(() -> reads(robot, "2k2 ±1 %") && reads(robot, "11k ±2 % from the other end"));
        click(robot, "Empty");
        for (String colour : List.of("yellow", "violet", "red", "gold")) {
            click(robot, "add a " + colour + " band");
        }
        until(() -> reads(robot, "4k7 ±5 %") && reads(robot, "from one end only"));
        assertThat(reads(robot, "4k7 as end-of-line")).isTrue();
        assertThat(reads(robot, "shut reads between bands")).isTrue();
        edit(robot, "Value 4k7", "2k7");
        until(() -> reads(robot, "2k7 as end-of-line") && reads(robot, "10 % inside when shut"));
        edit(robot, "Value 2k7", "-3");
        until(() -> reads(robot, "value in ohms is -3; it must be from 0.1 to"));
    }
}
