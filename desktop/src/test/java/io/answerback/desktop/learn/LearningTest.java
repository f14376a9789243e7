package io.answerback.desktop.learn;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.learn.apprentice.Apprentice;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.Judgement;
import io.answerback.core.learn.exercise.SiteWork;
import io.answerback.files.learning.ExerciseMaterial;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

/// One apprentice at one exercise, without a window.
class LearningTest {
    private final List<Apprentice> kept = new ArrayList<>();
    private final List<Runnable> later = new ArrayList<>();
    private long nanos;
    private final Learning learning =
            new Learning(new Apprentice("One", List.of()), () -> {}, kept::add, new Later(), () -> nanos);

    /// Computes when it is told to.
    private final class Later implements Learning.Computing {
        @Override
        public <T> void compute(Callable<T> work, Consumer<T> then) {
            later.add(() -> {
                try {
                    then.accept(work.call());
                } catch (Exception failed) {
                    throw new AssertionError(failed);
                }
            });
        }
    }

    private void computed() {
        List<Runnable> now = List.copyOf(later);
        later.clear();
        now.forEach(Runnable::run);
    }

    private Exercise given(ExerciseKind kind, int grade, long seed) {
        learning.ready(ExerciseMaterial.exercises());
        learning.take(kind, grade, seed);
        computed();
        return learning.exercise().orElseThrow();
    }

    @Test
    void everyCoreLandedIsOneAnswer() {
        Exercise exercise = given(ExerciseKind.WIRING, 5, 2);
        exercise.work().map(SiteWork::best).orElseThrow().forEach(learning::step);
        assertThat(learning.answerable()).isFalse();
        for (String core : exercise.judge("").solution().split("; ")) {
            learning.land(core.split("=")[0], core.split("=")[1]);
        }
        nanos = 42_000_000_000L;
        learning.judge();
        computed();
        assertThat(learning.judged().map(Judgement::passed)).contains(true);
        assertThat(kept.getLast().attempts().getLast().seconds()).isEqualTo(42);
    }

    @Test
    void ofSeveralThatAreAskedForTheLastCounts() {
        learning.ready(ExerciseMaterial.exercises());
        learning.take(ExerciseKind.LOOP, 1, 1);
        learning.take(ExerciseKind.BUS, 2, 2);
        assertThat(learning.exercise()).as("still being made").isEmpty();
        computed();
        assertThat(learning.exercise().map(Exercise::kind)).contains(ExerciseKind.BUS);
    }

    @Test
    void nothingIsJudgedTwiceNorChangedWhileItIsJudged() {
        Exercise exercise = given(ExerciseKind.COMMISSIONING, 1, 4);
        learning.choose(exercise.choices().getFirst());
        learning.choose(exercise.choices().get(1));
        learning.choose(exercise.choices().getFirst());
        assertThat(learning.isChosen(exercise.choices().getFirst())).isFalse();
        learning.judge();
        learning.judge();
        learning.step("on-test");
        learning.choose(exercise.choices().getFirst());
        computed();
        assertThat(kept).hasSize(1);
        assertThat(learning.done()).isEmpty();
        assertThat(learning.isChosen(exercise.choices().getFirst())).isFalse();
        assertThat(learning.judged().map(Judgement::right)).contains(false);
    }
}
