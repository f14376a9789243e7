package io.answerback.files.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.Judgement;
import io.answerback.core.learn.exercise.SiteWork;
import io.answerback.core.learn.question.Exercises;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// Exercises over the demos: judged by the model, the same for the same seed, and not to be guessed.
class ExercisesTest {
    private static final int MANY = 500;
    private static final Exercises EXERCISES = ExerciseMaterial.exercises();

    private static final Map<ExerciseKind, List<Exercise>> MADE = new EnumMap<>(ExerciseKind.class);

    private static Exercise make(ExerciseKind kind, int seed) {
        return EXERCISES.make(kind, 1 + seed % Exercise.GRADES, seed);
    }

    /// Five hundred of a kind, made once for all tests.
    private static List<Exercise> many(ExerciseKind kind) {
        return MADE.computeIfAbsent(
                kind,
                its -> IntStream.range(0, MANY)
                        .mapToObj(seed -> make(its, seed))
                        .toList());
    }

    private static String seen(Exercise exercise) {
        return exercise.asked() + exercise.given() + exercise.choices();
    }

    /// Where there is work on site, the best way is gone, and what it leaves possible is the answer;
    /// elsewhere the model's own answer is given.
    private static Judgement solved(Exercise exercise) {
        List<String> done = exercise.work().map(SiteWork::best).orElse(List.of());
        List<String> fitting = exercise.work().map(work -> work.fitting(done)).orElse(List.of());
        assertThat(fitting).hasSizeLessThan(2);
        String answer = fitting.isEmpty() ? exercise.judge("").solution() : fitting.getFirst();
        return exercise.judge(done, answer);
    }

    @ParameterizedTest
    @EnumSource(ExerciseKind.class)
    void theBestWayIsJudgedRightAndSafe(ExerciseKind kind) {
        for (int seed = 0; seed < MANY; seed++) {
            Exercise exercise = many(kind).get(seed);
            Judgement judgement = solved(exercise);
            assertThat(judgement.passed())
                    .as("%s, seed %d: %s %s", kind, seed, judgement.solution(), judgement.unsafe())
                    .isTrue();
            judgement.reckoning().ifPresent(its -> assertThat(its.times()).isEqualTo(1));
            assertThat(exercise.judge("").right()).isFalse();
        }
    }

    /// Where choices are given, one of them drawn blindly is right as often as chance has it; three standard
    /// deviations are allowed.
    @ParameterizedTest
    @EnumSource(ExerciseKind.class)
    void guessingIsRightByChanceOnly(ExerciseKind kind) {
        Random random = new Random(7);
        double expected = 0;
        double variance = 0;
        int right = 0;
        for (int seed = 0; seed < MANY; seed += 4) {
            Exercise exercise = many(kind).get(seed);
            if (exercise.choices().size() > 1) {
                long good = exercise.choices().stream()
                        .filter(choice -> exercise.judge(choice).right())
                        .count();
                double chance = (double) good / exercise.choices().size();
                expected += chance;
                variance += chance * (1 - chance);
                right += exercise.judge(exercise.choices()
                                        .get(random.nextInt(exercise.choices().size())))
                                .right()
                        ? 1
                        : 0;
            }
        }
        assertThat((double) right).isLessThanOrEqualTo(expected + 3 * Math.sqrt(variance) + 1e-9);
        assertThat(expected).isLessThan(MANY / 12.0);
    }

    @ParameterizedTest
    @EnumSource(ExerciseKind.class)
    void theAnswerOfAnotherExerciseIsSeldomRight(ExerciseKind kind) {
        int right = 0;
        for (int seed = 0; seed < MANY; seed += 2) {
            right += many(kind)
                            .get(seed)
                            .judge(many(kind)
                                    .get((seed + MANY / 2) % MANY)
                                    .judge("")
                                    .solution())
                            .right()
                    ? 1
                    : 0;
        }
        assertThat(right).isLessThan(MANY / 6);
    }

    @ParameterizedTest
    @EnumSource(ExerciseKind.class)
    void theSameSeedGivesTheSameInEveryLanguage(ExerciseKind kind) {
        List<String> here = new ArrayList<>();
        List<String> there = new ArrayList<>();
        Locale before = Locale.getDefault();
        for (int seed = 0; seed < 15; seed++) {
            here.add(seen(make(kind, seed)) + solved(make(kind, seed)));
            try {
                Locale.setDefault(Locale.forLanguageTag("ar-EG-u-nu-arab"));
                there.add(seen(make(kind, seed)) + solved(make(kind, seed)));
            } finally {
                Locale.setDefault(before);
            }
        }
        assertThat(there).isEqualTo(here);
    }

    @ParameterizedTest
    @EnumSource(ExerciseKind.class)
    void theyAreManyAndDiffer(ExerciseKind kind) {
        Set<String> different = new HashSet<>();
        for (int seed = 0; seed < MANY; seed++) {
            different.add(seen(many(kind).get(seed)));
        }
        assertThat(different).hasSizeGreaterThan(MANY / 4);
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
