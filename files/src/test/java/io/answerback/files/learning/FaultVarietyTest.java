package io.answerback.files.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.Judgement;
import io.answerback.core.learn.exercise.Picture;
import io.answerback.core.learn.exercise.Reckoning;
import io.answerback.core.learn.exercise.Safeguard;
import io.answerback.core.learn.exercise.SiteWork;
import io.answerback.core.learn.exercise.WorkStep.Sort;
import io.answerback.core.learn.question.Exercises;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.site.Job;
import io.answerback.files.demo.DemoJobs;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/// Exercises of a hidden fault: they last, their best plans differ, hints and wrong turns cost, danger fails.
class FaultVarietyTest {
    private static final int MANY = 700;
    private static final Exercises EXERCISES = ExerciseMaterial.exercises();

    private static Exercise make(int seed) {
        return EXERCISES.make(ExerciseKind.FAULT, 1 + seed % Exercise.GRADES, seed);
    }

    private static SiteWork work(Exercise exercise) {
        return exercise.work().orElseThrow();
    }

    /// A plan is what is done on the best way, with its minutes; a fault of another value reads otherwise.
    @Test
    void fiveHundredDifferInWhatIsHiddenAndInTheBestPlan() {
        Set<String> hidden = new HashSet<>();
        Set<String> plans = new HashSet<>();
        Set<String> answers = new HashSet<>();
        int doubles = 0;
        for (int seed = 0; seed < MANY; seed++) {
            Exercise exercise = make(seed);
            Judgement judgement = exercise.judge(work(exercise).best(), "");
            hidden.add(exercise.given() + judgement.solution());
            answers.add(judgement.solution());
            doubles += judgement.solution().contains(", and ") ? 1 : 0;
            plans.add(judgement.reckoning().orElseThrow().best().stream()
                    .map(line -> line.words() + line.minutes() + line.shows())
                    .toList()
                    .toString());
        }
        assertThat(hidden).hasSizeGreaterThanOrEqualTo(500);
        assertThat(plans).hasSizeGreaterThanOrEqualTo(500);
        assertThat(answers).hasSizeGreaterThanOrEqualTo(30);
        assertThat(doubles).isBetween(30, 300);
    }

    @Test
    void whatIsUnsafeFailsWhateverElseIsRight() {
        for (int seed = 0; seed < 60; seed++) {
            Exercise exercise = make(seed);
            SiteWork work = work(exercise);
            List<String> hasty = new ArrayList<>(work.best());
            hasty.removeIf(id -> work.step(id).sort() == Sort.SAFETY);
            String right = work.fitting(work.best()).getFirst();
            Judgement judgement = exercise.judge(hasty, right);
            assertThat(judgement.right()).isTrue();
            assertThat(judgement.passed()).isFalse();
            List<String> late = new ArrayList<>(hasty);
            late.add(Safeguard.ON_TEST.id());
            late.add(Safeguard.LADDER.id());
            assertThat(exercise.judge(late, right).passed())
                    .as("safe only afterwards")
                    .isFalse();
        }
    }

    @Test
    void hintsCostAndTellNoMoreThanTheyShould() {
        for (int seed = 0; seed < 40; seed++) {
            Exercise exercise = make(seed);
            SiteWork work = work(exercise);
            List<String> best = work.best();
            String right = work.fitting(best).getFirst();
            for (String hint : List.of("hint-expected", "hint-left", "hint-next")) {
                assertThat(work.shows(List.of(), hint)).doesNotContain(right);
                List<String> more = new ArrayList<>(best);
                more.addFirst(hint);
                Reckoning reckoning = exercise.judge(more, right).reckoning().orElseThrow();
                assertThat(reckoning.minutes()).isGreaterThan(reckoning.bestMinutes());
            }
        }
    }

    /// What comes and goes shows nearly nothing before it is brought about.
    @Test
    void measuringBeforeItShowsItselfTellsNothing() {
        int provoked = 0;
        for (int seed = 0; seed < 120; seed++) {
            Exercise exercise = make(seed);
            SiteWork work = work(exercise);
            boolean comesAndGoes =
                    work.best().stream().anyMatch(id -> work.step(id).sort() == Sort.BRING_ABOUT);
            if (comesAndGoes) {
                provoked++;
                int before = work.fitting(List.of()).size();
                assertThat(work.fitting(List.of("on-test", "at-rest", "active", "far-end-lifted")))
                        .hasSize(before);
            }
        }
        assertThat(provoked).isGreaterThan(8);
    }

    @Test
    void anUnknownStepIsRefusedWithThoseThereAre() {
        Exercise exercise = make(3);
        assertThatThrownBy(() -> exercise.judge(List.of("dance"), ""))
                .hasMessageContaining("there is no step \"dance\" here; there are on-test, ");
    }

    /// Whatever is hidden, the plan is the site with the loop that is drawn, and nothing else: so no sheet,
    /// finding or file that is made from it can tell one fault from another.
    @Test
    void thePlanIsTheSiteWithTheLoopThatIsShown() {
        for (int seed = 0; seed < 60; seed++) {
            Exercise exercise = make(seed);
            Job plan = exercise.plan().orElseThrow();
            Picture.Loop shown = (Picture.Loop) exercise.picture().orElseThrow();
            CableId cable = shown.loop().cable().id();
            assertThat(IntStream.rangeClosed(1, DemoJobs.COUNT)
                            .mapToObj(DemoJobs::job)
                            .filter(job -> job.cable(cable).isPresent())
                            .flatMap(job -> job.points().stream()
                                    .filter(point -> point.name().equals(shown.device()))
                                    .map(point -> LoopEdits.parts(
                                                    "loop",
                                                    point.id(),
                                                    before -> shown.loop().wiring())
                                            .on(job)))
                            .map(job -> Edits.cableMetres(
                                            cable, shown.loop().cable().metres())
                                    .on(job)))
                    .as("seed %d", seed)
                    .contains(plan);
        }
    }
}
