package io.answerback.files.learning;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.SiteWork;
import io.answerback.core.learn.question.Exercises;
import java.util.List;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/// Holds answers that were found with a pencil against many exercises of a kind.
final class Pencil {
    static final int MANY = 60;
    static final Exercises EXERCISES = ExerciseMaterial.exercises();

    private Pencil() {}

    static boolean right(Exercise exercise, String answer) {
        List<String> done = exercise.work().map(SiteWork::best).orElse(List.of());
        return exercise.judge(done, answer).passed();
    }

    static void all(ExerciseKind kind, int grade, Function<Exercise, String> pencil) {
        first(MANY, kind, grade, pencil);
    }

    /// Holds the first of a kind and grade only, where each takes long.
    static void first(int count, ExerciseKind kind, int grade, Function<Exercise, String> pencil) {
        for (int seed = 0; seed < count; seed++) {
            Exercise exercise = EXERCISES.make(kind, grade, seed);
            String answer = pencil.apply(exercise);
            assertThat(right(exercise, answer))
                    .as("%s %d, seed %d: %s %s -> %s", kind, grade, seed, exercise.asked(), exercise.given(), answer)
                    .isTrue();
        }
    }

    static List<Double> figures(String words) {
        return Pattern.compile("\\d+(?:\\.\\d+)?")
                .matcher(words)
                .results()
                .map(MatchResult::group)
                .map(Double::parseDouble)
                .toList();
    }

    /// The value of a resistor that is given as it is marked, in ohms; 0 where none is.
    static double resistor(Exercise exercise, String part) {
        return exercise.given().stream()
                .filter(given -> given.startsWith(part))
                .map(given -> given.substring(given.lastIndexOf(' ') + 1))
                .mapToDouble(
                        code -> Double.parseDouble(code.replaceAll("[Rk]$", "").replaceAll("[Rk]", "."))
                                * (code.contains("k") ? 1000 : 1))
                .findFirst()
                .orElse(0);
    }

    /// What stands behind the first of the lines that begins so.
    static String given(Exercise exercise, String begins) {
        return exercise.given().stream()
                .filter(line -> line.startsWith(begins))
                .findFirst()
                .orElseThrow()
                .substring(begins.length());
    }
}
