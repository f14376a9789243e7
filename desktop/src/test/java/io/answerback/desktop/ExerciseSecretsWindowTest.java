package io.answerback.desktop;

import static io.answerback.desktop.Screen.control;
import static io.answerback.desktop.Screen.named;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.shown;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;
import static io.answerback.desktop.Screen.write;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.model.common.Figures;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.learning.ApprenticeFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// Nothing in the window gives the answer away, and what cannot be read is left as it is.
class ExerciseSecretsWindowTest extends ExerciseWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private static final String LEAK_OHMS = Figures.ohms(5600);

    /// What is hidden is nowhere: on the sheet the right choice looks like every other, the palette stays
    /// shut, the keys of the job are dead, and no file has it.
    @Test
    void theAnswerIsNowhereToBeFound(FxRobot robot) throws IOException {
        Exercise exercise = begin(robot, ExerciseKind.FAULT, 3, SEED);
        String right = exercise.work()
                .orElseThrow()
                .fitting(exercise.work().orElseThrow().best())
                .getFirst();
        press(robot, "Put the site on test");
        assertThat(words(robot).stream().filter(words -> words.contains(right)))
                .as("the right choice stands there once, as a choice")
                .containsOnly(right);
        Set<List<String>> looks = new HashSet<>();
        exercise.choices()
                .forEach(choice -> looks.add(List.copyOf(named(robot, choice).getStyleClass())));
        assertThat(looks).as("every choice looks the same").hasSize(1);
        control(robot, KeyCode.K);
        assertThat(robot.lookup((Node node) -> node.getStyleClass().contains("palette") && shown(node))
                        .queryAll())
                .isEmpty();
        control(robot, KeyCode.DIGIT2);
        assertThat(application.exercises().isVisible()).isTrue();
        type(KeyCode.SPACE);
        assertThat(application.openJob().now().assessment().findings().toString())
                .doesNotContain(right);
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                assertThat(Files.readString(file)).as(file.toString()).doesNotContain(right);
            }
        }
    }

    /// The plan of the site opens in the ordinary window, with all its sheets; it is the plan and no more.
    @Test
    void thePlanOfTheExerciseKnowsNothingOfTheFault(FxRobot robot) throws Exception {
        Exercise exercise = leak();
        begin(robot, ExerciseKind.FAULT, exercise.grade(), (int) exercise.seed());
        press(robot, "Look at the plan");
        until(() -> !application.exercises().isVisible());
        until(() -> reads(robot, "This is the plan of the exercise that waits"));
        Path file = folder.resolve("exercise.answerback.json");
        Path plan = folder.resolve("plan.answerback.json");
        JobFile.save(file, JobDocument.of(job()));
        JobFile.save(plan, JobDocument.of(exercise.plan().orElseThrow()));
        assertThat(Files.readString(file))
                .isEqualTo(Files.readString(plan))
                .doesNotContain(exercise.judge("").solution());
        for (Stop stop : Stop.values()) {
            onScreen(() -> application.openJob().go(stop));
            assertThat(words(robot)).as(stop.title()).noneMatch(words -> words.contains(LEAK_OHMS));
        }
        control(robot, KeyCode.K);
        write(robot, LEAK_OHMS);
        assertThat(words(robot)).as("the palette").noneMatch(words -> words.contains(LEAK_OHMS));
        type(KeyCode.ESCAPE);
        control(robot, KeyCode.L);
        until(() -> reads(robot, exercise.asked()));
    }

    /// A fault whose value can be told from every figure of the plan.
    private static Exercise leak() {
        return IntStream.range(1, 200)
                .mapToObj(seed -> EXERCISES.make(ExerciseKind.FAULT, 4, seed))
                .filter(made -> made.judge("").says().contains(LEAK_OHMS))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aFileThatCannotBeReadIsNamedAndLeftAsItIs(FxRobot robot) throws Exception {
        Path home;
        try (Stream<Path> folders = Files.list(folder)) {
            home = folders.findFirst().orElseThrow();
        }
        Path broken =
                Files.createDirectories(home.resolve("apprentices")).resolve("apprentice" + ApprenticeFile.ENDING);
        Files.writeString(broken, "{\"apprentice\": ");
        Exercise exercise = begin(robot, ExerciseKind.BUS, 1, 3);
        until(() -> reads(robot, "it ends there in the middle of something"));
        press(robot, exercise.judge("").solution());
        press(robot, "Answer");
        until(() -> reads(robot, "Right"));
        assertThat(Files.readString(broken)).isEqualTo("{\"apprentice\": ");
    }

    @Test
    void leavingLeadsBackToWhereItWasOpened(FxRobot robot) {
        onScreen(() -> application.start().show(true));
        press(robot, "Exercises:");
        until(() -> application.exercises().ready());
        control(robot, KeyCode.L);
        assertThat(application.start().isVisible()).isFalse();
        type(KeyCode.ESCAPE);
        until(() -> application.start().isVisible());
        assertThat(application.exercises().isVisible()).isFalse();
    }

    @Test
    void aJobThatIsOpenedIsSeen(FxRobot robot) throws Exception {
        Path file = folder.resolve("other.answerback.json");
        JobFile.save(file, JobDocument.of(DemoJobs.job(2)));
        onScreen(() -> application.start().show(true));
        onScreen(() -> application.open(file));
        until(() -> reads(robot, "Pike Lane Pottery"));
        until(() -> !application.start().isVisible());
        control(robot, KeyCode.L);
        until(() -> application.exercises().ready());
        onScreen(() -> application.open(file));
        until(() -> !application.exercises().isVisible());
        assertThat(reads(robot, "Signal chain")).isTrue();
    }
}
