package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.assess.Assessor;
import io.answerback.core.exercise.Exercise;
import io.answerback.core.exercise.ExerciseKind;
import io.answerback.core.exercise.Exercises;
import io.answerback.files.demo.DemoJobs;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// Exercises over the demos: judged by the model, the same for the same seed, and not to be guessed.
class ExercisesTest {
    private static final int MANY = 1000;
    private static final Exercises EXERCISES = new Exercises(List.of(1, 2, 3).stream()
            .map(demo -> new Assessor(DataFiles.events()).assess(DemoJobs.job(demo)))
            .toList());

    private static Exercise make(ExerciseKind kind, int seed) {
        return EXERCISES.make(kind, 1 + seed % Exercise.GRADES, seed);
    }

    private static String seen(Exercise exercise) {
        return exercise.asked() + exercise.given() + exercise.choices();
    }

    @ParameterizedTest
    @EnumSource(ExerciseKind.class)
    void theModelsOwnAnswerIsJudgedRight(ExerciseKind kind) {
        for (int seed = 0; seed < MANY; seed++) {
            Exercise exercise = make(kind, seed);
            String solution = exercise.judge("").solution();
            assertThat(exercise.judge(solution).right())
                    .as("%s, seed %d: %s", kind, seed, solution)
                    .isTrue();
            assertThat(exercise.judge("").right()).isFalse();
        }
    }

    @ParameterizedTest
    @EnumSource(ExerciseKind.class)
    void theAnswerOfAnotherExerciseIsSeldomRight(ExerciseKind kind) {
        int right = 0;
        for (int seed = 0; seed < MANY; seed++) {
            right += make(kind, seed)
                            .judge(make(kind, seed + 7919).judge("").solution())
                            .right()
                    ? 1
                    : 0;
        }
        assertThat(right).isLessThan(MANY / 5);
    }

    @ParameterizedTest
    @EnumSource(ExerciseKind.class)
    void theSameSeedGivesTheSameInEveryLanguage(ExerciseKind kind) {
        List<String> here = new ArrayList<>();
        List<String> there = new ArrayList<>();
        Locale before = Locale.getDefault();
        for (int seed = 0; seed < 50; seed++) {
            here.add(seen(make(kind, seed)) + make(kind, seed).judge("").solution());
            try {
                Locale.setDefault(Locale.forLanguageTag("ar-EG-u-nu-arab"));
                there.add(seen(make(kind, seed)) + make(kind, seed).judge("").solution());
            } finally {
                Locale.setDefault(before);
            }
        }
        assertThat(there).isEqualTo(here);
    }

    @Test
    void theyAreManyAndDiffer() {
        for (ExerciseKind kind : List.of(ExerciseKind.RESISTOR, ExerciseKind.LOOP)) {
            Set<String> different = new HashSet<>();
            for (int seed = 0; seed < MANY; seed++) {
                different.add(seen(make(kind, seed)));
            }
            assertThat(different).as("of %s", kind).hasSizeGreaterThan(500);
        }
    }

    /// 4k7 by hand: yellow 4, violet 7, red ·100, gold ±5 %.
    @Test
    void aValueIsTypedAsPeopleTypeIt() {
        Exercise bands = null;
        for (int seed = 0; bands == null; seed += Exercise.GRADES) {
            Exercise made = make(ExerciseKind.RESISTOR, seed);
            bands = made.given().getFirst().endsWith("yellow, violet, red, gold") ? made : null;
        }
        for (String typed : List.of("4k7", "4700", "4.7k", "4,7 kΩ", " 4700 ohms")) {
            assertThat(bands.judge(typed).right()).as(typed).isTrue();
        }
        for (String typed : List.of("47k", "470R", "four", "", "4k8")) {
            assertThat(bands.judge(typed).right()).as(typed).isFalse();
            assertThat(bands.judge(typed).says()).contains("alarm or tamper");
        }
    }

    @Test
    void aGradeThatIsNoneIsRefused() {
        assertThatThrownBy(() -> EXERCISES.make(ExerciseKind.LOOP, 6, 1)).hasMessageContaining("grade of an exercise");
    }
}
