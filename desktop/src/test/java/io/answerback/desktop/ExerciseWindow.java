package io.answerback.desktop;

import static io.answerback.desktop.Screen.control;
import static io.answerback.desktop.Screen.named;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.shown;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.question.Exercises;
import io.answerback.files.learning.ExerciseMaterial;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import org.testfx.api.FxRobot;

/// The sheet of an exercise in the real window, used by keyboard.
abstract class ExerciseWindow extends DemoWindow {
    static final Exercises EXERCISES = ExerciseMaterial.exercises();
    static final int SEED = 18;
    static final int MOST_TABS = 60;

    Exercise begin(FxRobot robot, ExerciseKind kind, int grade, int seed) {
        control(robot, KeyCode.L);
        until(() -> application.exercises().ready());
        onScreen(() -> application.exercises().take(kind, grade, seed));
        Exercise exercise = EXERCISES.make(kind, grade, seed);
        until(() -> application.exercises().ready());
        until(() -> reads(robot, exercise.asked()));
        return exercise;
    }

    /// Walks there with Tab, as somebody without a mouse does.
    void walk(FxRobot robot, String name) {
        int steps = 0;
        while (!focused(name)) {
            assertThat(steps++).as("Tab never came to " + name).isLessThan(MOST_TABS);
            type(KeyCode.TAB);
        }
    }

    boolean focused(String name) {
        boolean[] there = new boolean[1];
        onScreen(() -> {
            Node owner = application.exercises().getScene().getFocusOwner();
            there[0] = owner != null
                    && owner.getAccessibleText() != null
                    && owner.getAccessibleText().startsWith(name);
        });
        return there[0];
    }

    /// Puts the keyboard there; Enter presses it.
    void press(FxRobot robot, String name) {
        onScreen(() -> named(robot, name).requestFocus());
        type(KeyCode.ENTER);
    }

    static List<String> words(FxRobot robot) {
        return robot.lookup((Node node) -> node instanceof Labeled && shown(node)).queryAllAs(Labeled.class).stream()
                .flatMap(label -> Stream.concat(
                        Stream.of(label.getText() == null ? "" : label.getText()),
                        Stream.ofNullable(label.getTooltip()).map(Tooltip::getText)))
                .toList();
    }
}
