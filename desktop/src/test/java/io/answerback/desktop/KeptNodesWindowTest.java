package io.answerback.desktop;

import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.edit;
import static io.answerback.desktop.Screen.named;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.settle;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;
import static io.answerback.desktop.Screen.write;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.PointId;
import io.answerback.desktop.power.PowerSheet;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// What somebody is doing on a sheet goes on while the job changes under it.
class KeptNodesWindowTest extends DemoWindow {
    private Stage stage;

    @Start
    void start(Stage shown) throws Exception {
        stage = shown;
        open(stage);
    }

    private double metres() {
        return job().cableTo(new PointId("07")).orElseThrow().metres();
    }

    private void editElsewhere() {
        onScreen(() -> application.openJob().apply(PointEdits.name(new PointId("01"), "Front door")));
        settle();
    }

    private Node focused() {
        return stage.getScene().getFocusOwner();
    }

    @Test
    void whatIsHalfTypedIsStillThereAndIsTaken(FxRobot robot) {
        at(Stop.LOOP, "07");
        click(robot, "Cable length 62 m");
        write(robot, "7");
        editElsewhere();
        assertThat(focused()).isInstanceOf(TextField.class);
        assertThat(((TextField) focused()).getText()).isEqualTo("7");
        write(robot, "5");
        type(KeyCode.ENTER);
        until(() -> metres() == 75);
    }

    @Test
    void whatIsTypedForOnePointIsLeftWhenAnotherIsLookedAt(FxRobot robot) {
        at(Stop.LOOP, "07");
        click(robot, "Cable length 62 m");
        write(robot, "7");
        at(Stop.LOOP, "06");
        until(() -> reads(robot, "06 Dock roller door 1"));
        assertThat(robot.lookup(".value-typed").tryQuery()).isEmpty();
        assertThat(metres()).isEqualTo(62);
    }

    @Test
    void theKeyboardStaysOnTheValueThatWasTyped(FxRobot robot) {
        at(Stop.LOOP, "07");
        edit(robot, "Cable length 62 m", "70");
        until(() -> metres() == 70);
        assertThat(focused().getAccessibleText()).isEqualTo("Cable length 70 m");
        type(KeyCode.ENTER);
        assertThat(focused()).isInstanceOf(TextField.class);
    }

    @Test
    void aNodeStaysTheSameWhileOthersComeAndGo(FxRobot robot) {
        at(Stop.POWER, "20");
        onScreen(() -> application.benches().power().open(PowerSheet.LOADS));
        settle();
        Node before = named(robot, "Quiescent current of Keypad 2");
        edit(robot, "Quiescent current of Keypad 1", "145");
        until(() -> reads(robot, "As in the data"));
        assertThat(named(robot, "Quiescent current of Keypad 2")).isSameAs(before);
    }
}
