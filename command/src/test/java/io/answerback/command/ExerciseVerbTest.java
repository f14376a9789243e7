package io.answerback.command;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/// Exercises from the command line.
class ExerciseVerbTest {
    @Test
    void anExerciseIsAskedWithoutItsAnswerAndJudged() {
        Called asked = Called.of("exercise", "--kind", "loop", "--grade", "2", "--seed", "42", "--json");
        assertThat(asked.code()).isZero();
        assertThat(asked.json().has("solution")).isFalse();
        assertThat(asked.json().get("given").size()).isGreaterThan(1);
        Called wrong =
                Called.of("exercise", "--kind", "loop", "--grade", "2", "--seed", "42", "--answer", "1R", "--json");
        assertThat(wrong.code()).isEqualTo(1);
        String solution = wrong.json().get("solution").asString();
        Called right = Called.of("exercise", "--kind", "loop", "--grade", "2", "--seed", "42", "--answer", solution);
        assertThat(right.code()).isZero();
        assertThat(right.out()).contains("Right.");
        assertThat(Called.of("exercise", "--kind", "painting", "--seed", "1").code())
                .isEqualTo(2);
        assertThat(Called.of("exercise", "--kind", "loop", "--grade", "9", "--seed", "1")
                        .code())
                .isEqualTo(2);
    }
}
