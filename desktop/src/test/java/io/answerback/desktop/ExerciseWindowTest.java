package io.answerback.desktop;

import static io.answerback.desktop.Screen.control;
import static io.answerback.desktop.Screen.named;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;
import static io.answerback.desktop.Screen.write;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.learn.apprentice.Apprentice;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.Picture;
import io.answerback.core.learn.exercise.SiteWork;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.site.Job;
import io.answerback.files.BrokenFile;
import io.answerback.files.learning.ApprenticeFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// Exercises in the real window, by keyboard, and every attempt to find the answer elsewhere.
class ExerciseWindowTest extends ExerciseWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private Apprentice kept() throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            Path file = files.filter(its -> its.toString().endsWith(ApprenticeFile.ENDING))
                    .findFirst()
                    .orElseThrow();
            return new ApprenticeFile(file).read();
        } catch (BrokenFile refused) {
            throw new IOException(refused);
        }
    }

    private boolean isKept(int attempts) {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.anyMatch(its -> its.toString().endsWith(ApprenticeFile.ENDING))
                    && kept().attempts().size() == attempts;
        } catch (IOException later) {
            return false;
        }
    }

    @Test
    void aFaultIsFoundByKeyboard(FxRobot robot) throws IOException {
        Exercise exercise = begin(robot, ExerciseKind.FAULT, 3, SEED);
        SiteWork work = exercise.work().orElseThrow();
        walk(robot, work.step(work.best().getFirst()).words());
        for (String step : work.best()) {
            press(robot, work.step(step).words());
        }
        until(() -> reads(robot, work.shows(work.best(), work.best().getLast())));
        press(robot, work.fitting(work.best()).getFirst());
        press(robot, "Answer");
        until(() -> reads(robot, "Right"));
        assertThat(reads(robot, "The best way")).isTrue();
        until(() -> isKept(1));
        assertThat(kept().attempts().getFirst().passed()).isTrue();
        press(robot, "Next exercise");
        until(() -> reads(robot, "grade 1 of 5"));
    }

    @Test
    void aFigureIsTypedAndTwoRightRaiseTheGrade(FxRobot robot) {
        begin(robot, ExerciseKind.RESISTOR, 1, 4);
        for (int answered = 1; answered <= 2; answered++) {
            Exercise exercise = EXERCISES.make(ExerciseKind.RESISTOR, 1, 4 + answered);
            int seed = 4 + answered;
            onScreen(() -> application.exercises().take(ExerciseKind.RESISTOR, 1, seed));
            until(() -> application.exercises().ready());
            onScreen(() -> named(robot, "Answer").requestFocus());
            write(robot, exercise.judge("").solution());
            type(KeyCode.ENTER);
            until(() -> reads(robot, "Right"));
        }
        until(() -> isKept(2));
        press(robot, "Next exercise");
        until(() -> reads(robot, "grade 2 of 5"));
    }

    @Test
    void aCoreIsLandedUnsafelyAndFails(FxRobot robot) throws IOException {
        Exercise exercise = begin(robot, ExerciseKind.WIRING, 3, 2);
        press(robot, exercise.judge("").solution());
        press(robot, "Answer");
        until(() -> reads(robot, "Right, but not safe"));
        assertThat(reads(robot, "You did this unsafely")).isTrue();
        until(() -> isKept(1));
        assertThat(kept().attempts().getFirst().passed()).isFalse();
        type(KeyCode.ESCAPE);
        until(() -> !application.exercises().isVisible());
        assertThat(reads(robot, "Signal chain")).isTrue();
    }

    /// The open job waits beside the plan that is looked at, with its edits and its undo, and is back
    /// afterwards.
    @Test
    void lookingAtThePlanKeepsTheOpenJobAndItsUndo(FxRobot robot) {
        onScreen(() -> application.openJob().apply(Edits.cableMetres(new CableId("C-17"), 70)));
        Job mine = job();
        begin(robot, ExerciseKind.FAULT, 3, SEED);
        press(robot, "Look at the plan");
        until(() -> !application.exercises().isVisible() && job() != mine);
        control(robot, KeyCode.L);
        until(() -> application.exercises().isVisible());
        type(KeyCode.ESCAPE);
        until(() -> !application.exercises().isVisible());
        assertThat(job()).isEqualTo(mine);
        control(robot, KeyCode.Z);
        until(() -> reads(robot, "Undone: length of C-17"));
    }

    /// Every kind is chosen, answered and judged without a mouse; the keyboard never leaves what was pressed
    /// for the head.
    @Test
    void everyKindIsDoneByKeyboardAlone(FxRobot robot) {
        for (ExerciseKind kind : ExerciseKind.values()) {
            isDoneByKeyboardAlone(kind, robot);
            type(KeyCode.ESCAPE);
            until(() -> !application.exercises().isVisible());
        }
    }

    private void isDoneByKeyboardAlone(ExerciseKind kind, FxRobot robot) {
        control(robot, KeyCode.L);
        until(() -> application.exercises().ready());
        walk(robot, kind.title());
        type(KeyCode.ENTER);
        until(() -> application.exercises().ready() && reads(robot, "grade 1 of 5"));
        assertThat(focused(kind.title()))
                .as("choosing %s keeps the keyboard on it", kind)
                .isTrue();
        Exercise exercise = EXERCISES.make(kind, 1, 1);
        onScreen(() -> application.exercises().take(kind, 1, 1));
        until(() -> application.exercises().ready() && reads(robot, exercise.asked()));
        if (exercise.picture().filter(Picture.Landing.class::isInstance).isPresent()) {
            walk(robot, "Terminal of");
            type(KeyCode.ENTER, KeyCode.ENTER);
            assertThat(focused("Terminal of")).isTrue();
        } else if (exercise.choices().isEmpty()) {
            walk(robot, "Answer");
            write(robot, "1");
        } else {
            String choice = exercise.choices().getFirst();
            walk(robot, choice);
            type(KeyCode.SPACE);
            assertThat(focused(choice))
                    .as("an answer that is picked keeps the keyboard")
                    .isTrue();
        }
        if (!exercise.choices().isEmpty()
                || exercise.picture().filter(Picture.Landing.class::isInstance).isPresent()) {
            walk(robot, "Answer");
        }
        type(KeyCode.ENTER);
        until(() -> robot.lookup((Node node) -> node.getAccessibleText() != null
                        && node.getAccessibleText().startsWith("Next exercise"))
                .tryQuery()
                .isPresent());
        assertThat(focused("Apprentice")).isFalse();
    }
}
