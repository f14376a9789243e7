package io.answerback.core.learn.apprentice;

import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.Judgement;
import io.answerback.core.learn.exercise.SiteWork;
import io.answerback.core.learn.exercise.WorkStep;
import io.answerback.core.learn.exercise.WorkStep.Sort;
import io.answerback.core.model.common.Text;
import io.answerback.core.paper.Table;
import java.util.ArrayList;
import java.util.List;

/// Exercises on paper: one table for apprentices, and one for the teacher with what is right and with what to
/// read out when somebody asks for a measurement.
public final class ExerciseSheet {
    private static final String LINES = "\n";

    private ExerciseSheet() {}

    /// What apprentices get.
    public static Table asked(List<Exercise> exercises) {
        List<List<String>> rows = new ArrayList<>();
        for (int i = 0; i < exercises.size(); i++) {
            Exercise its = exercises.get(i);
            rows.add(List.of(
                    Integer.toString(i + 1),
                    name(its),
                    its.asked(),
                    String.join(LINES, its.given()),
                    its.work().map(ExerciseSheet::steps).orElse(String.join(LINES, its.choices())),
                    ""));
        }
        return new Table(
                "Exercises",
                List.of(
                        "No",
                        "Exercise",
                        "What is asked",
                        "What is known",
                        "To choose from, with minutes",
                        "Your way and answer"),
                List.of(0.4, 1.1, 2.2, 2.8, 3.4, 2.4),
                rows,
                List.of());
    }

    private static String name(Exercise its) {
        return Text.of("%s, grade %d, seed %d", its.kind().title(), its.grade(), its.seed());
    }

    private static String steps(SiteWork work) {
        return String.join(
                LINES,
                work.steps().stream()
                        .map(step -> Text.of("%s (%.0f)", step.words(), step.minutes()))
                        .toList());
    }

    /// What the teacher gets.
    public static Table answers(List<Exercise> exercises) {
        List<List<String>> rows = new ArrayList<>();
        for (int i = 0; i < exercises.size(); i++) {
            Exercise its = exercises.get(i);
            Judgement right = its.judge(
                    its.work().map(SiteWork::best).orElse(List.of()),
                    its.judge("").solution());
            rows.add(List.of(
                    Integer.toString(i + 1),
                    name(its),
                    right.solution(),
                    right.says(),
                    its.work().map(ExerciseSheet::best).orElse(""),
                    its.work().map(ExerciseSheet::readings).orElse("")));
        }
        return new Table(
                "Exercises: what is right",
                List.of(
                        "No",
                        "Exercise",
                        "Right",
                        "Why",
                        "Best way, with minutes",
                        "To read out when it is done on the best way"),
                List.of(0.4, 1.1, 1.8, 2.4, 2.6, 3.4),
                rows,
                List.of());
    }

    private static String best(SiteWork work) {
        return String.join(
                        LINES,
                        work.best().stream()
                                .map(work::step)
                                .map(step -> Text.of("%s (%.0f)", step.words(), step.minutes()))
                                .toList())
                + Text.of("\n%.0f min in all", work.minutes(work.best()));
    }

    /// What each measurement shows once everything that the best way does for it is done.
    private static String readings(SiteWork work) {
        List<String> before = work.best().stream()
                .filter(id -> work.step(id).sort() != Sort.LOOK)
                .toList();
        return String.join(
                LINES,
                work.steps().stream()
                        .filter(step -> step.sort() == Sort.LOOK)
                        .map(WorkStep::id)
                        .map(id -> work.step(id).words() + ": " + work.shows(before, id))
                        .toList());
    }
}
