package io.answerback.desktop;

import static io.answerback.desktop.Screen.control;
import static io.answerback.desktop.Screen.edit;
import static io.answerback.desktop.Screen.named;
import static io.answerback.desktop.Screen.press;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.site.Point;
import java.util.List;
import java.util.Set;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// Many points are changed at once, wherever one of them is changed, and undone in one step.
class TogetherWindowTest extends DemoWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private List<SchemeKind> schemes() {
        return job().points().stream().map(point -> point.loop().scheme()).toList();
    }

    /// Ctrl+2, Ctrl+A, F6, Enter, Down, Enter: six keys for the scheme of all 24 points.
    @Test
    void sixKeysGiveEveryPointASchemeAndOneUndoesIt(FxRobot robot) {
        List<SchemeKind> before = schemes();
        onScreen(() -> named(robot, "Points").requestFocus());
        control(robot, KeyCode.DIGIT2);
        control(robot, KeyCode.A);
        until(() -> reads(robot, "For these 24 points"));
        type(KeyCode.F6);
        type(KeyCode.ENTER, KeyCode.DOWN, KeyCode.ENTER);
        until(() -> application.openJob().now().history().undoName().isPresent());
        SchemeKind chosen = job().points().getFirst().loop().scheme();
        assertThat(chosen).isNotEqualTo(before.getFirst());
        assertThat(job().points().stream()
                        .filter(point -> !point.kind().radio())
                        .filter(point -> job().loopOwner(point.id()).isEmpty())
                        .map(point -> point.loop().scheme()))
                .containsOnly(chosen);
        control(robot, KeyCode.Z);
        until(() -> schemes().equals(before));
    }

    @Test
    void aValueOnTheDrawingGoesToEveryPickedPoint(FxRobot robot) {
        at(Stop.LOOP, "06");
        onScreen(() -> named(robot, "Points").requestFocus());
        press(KeyCode.DOWN, Set.of(KeyCode.SHIFT));
        press(KeyCode.DOWN, Set.of(KeyCode.SHIFT));
        until(() -> reads(robot, "For these 3 points: 06, 07, 08"));
        edit(robot, "Cable length", "33");
        until(() -> job().points().subList(5, 8).stream()
                .map(Point::id)
                .allMatch(id -> job().cableTo(id).orElseThrow().metres() == 33));
        edit(robot, "Tolerance", "5");
        until(() -> job().points().subList(5, 8).stream()
                .allMatch(point -> point.loop().tolerancePercent() == 5));
        assertThat(job().points().get(8).loop().tolerancePercent()).isNotEqualTo(5);
        control(robot, KeyCode.Z);
        control(robot, KeyCode.Z);
        until(() -> application.openJob().now().history().undoName().isEmpty());
    }
}
