package io.answerback.core.learn.apprentice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.learn.exercise.ExerciseKind;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/// The grade that is due after each run of results.
class ApprenticeTest {
    private static Apprentice after(String results) {
        Apprentice apprentice = new Apprentice("One", List.of());
        for (char result : results.toCharArray()) {
            int grade = apprentice.grade(ExerciseKind.LOOP);
            long seed = apprentice.nextSeed(ExerciseKind.LOOP);
            apprentice = apprentice.with(
                    new Attempt(ExerciseKind.LOOP, grade, seed, result != 'w', result != 'u', 10, 8, 30));
        }
        return apprentice;
    }

    @Test
    void twoInARowChangeTheGrade() {
        assertThat(after("").grade(ExerciseKind.LOOP)).isEqualTo(1);
        assertThat(after("r").grade(ExerciseKind.LOOP)).isEqualTo(1);
        assertThat(after("rr").grade(ExerciseKind.LOOP)).isEqualTo(2);
        assertThat(after("rrr").grade(ExerciseKind.LOOP)).isEqualTo(2);
        assertThat(after("rwrwr").grade(ExerciseKind.LOOP)).isEqualTo(1);
        assertThat(after("rrrrww").grade(ExerciseKind.LOOP)).isEqualTo(2);
        assertThat(after("ww").grade(ExerciseKind.LOOP)).isEqualTo(1);
        assertThat(after("rrrrrrrrrrrr").grade(ExerciseKind.LOOP)).isEqualTo(5);
        assertThat(after("rrrruu").grade(ExerciseKind.LOOP))
                .as("right, but unsafe, is not passed")
                .isEqualTo(2);
        assertThat(after("rr").grade(ExerciseKind.BUS))
                .as("each kind by itself")
                .isEqualTo(1);
    }

    @Property
    void everyExerciseIsNewAndEveryGradeWithinBounds(@ForAll List<Boolean> results) {
        StringBuilder word = new StringBuilder();
        results.forEach(right -> word.append(right ? 'r' : 'w'));
        Apprentice apprentice = after(word.toString());
        assertThat(apprentice.grade(ExerciseKind.LOOP)).isBetween(1, 5);
        assertThat(apprentice.attempts().stream().map(Attempt::seed).distinct()).hasSize(results.size());
        assertThat(apprentice.passed(ExerciseKind.LOOP))
                .isEqualTo(results.stream().filter(right -> right).count());
    }

    @Test
    void easyOnesOnTheSideDoNotRaiseTheGrade() {
        Apprentice second = after("rr");
        Attempt easy = new Attempt(ExerciseKind.LOOP, 1, 1, true, true, 0, 0, 0);
        assertThat(second.with(easy).with(easy).grade(ExerciseKind.LOOP)).isEqualTo(2);
    }

    @Test
    void timeIsCountedOfWhatWasPassed() {
        Apprentice apprentice = after("rwr");
        assertThat(apprentice.timesOver(ExerciseKind.LOOP)).isEqualTo(20 / 16.0);
        assertThat(apprentice.timesOver(ExerciseKind.BUS)).isZero();
        assertThat(apprentice.passedAtOnce(ExerciseKind.LOOP)).isEqualTo(2);
        assertThat(GroupTable.of(List.of(apprentice)).rows())
                .containsExactly(List.of("One", "Loops", "1", "3", "2", "2", "0", "1.3", "30"));
    }

    @Test
    void whoHasNoNameIsRefused() {
        assertThatThrownBy(() -> new Apprentice(" ", List.of())).hasMessageContaining("name of an apprentice");
    }
}
