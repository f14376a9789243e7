package io.answerback.core.learn.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class ExerciseKindTest {
    /// Two kinds with the same number would draw the same figures from a seed.
    @Test
    void everyKindHasASeedNumberOfItsOwn() {
        assertThat(ExerciseKind.values())
                .extracting(ExerciseKind::seedNumber)
                .doesNotHaveDuplicates()
                .contains(0);
    }
}
