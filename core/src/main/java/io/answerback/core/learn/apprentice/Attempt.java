package io.answerback.core.learn.apprentice;

import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.Judgement;
import io.answerback.core.learn.exercise.Reckoning;
import io.answerback.core.model.common.Require;

/// An exercise that was answered.
///
/// @param kind what was learned
/// @param grade how hard it was, 1 to 5
/// @param seed what it was made from
/// @param right whether the answer was right
/// @param safe whether nobody was put in danger on the way
/// @param minutes what was spent on site, in minutes; 0 where nothing had to be done there
/// @param bestMinutes what the best way spends, in minutes; 0 where nothing had to be done there
/// @param seconds until it was answered, in seconds; 0 where nobody measured it
public record Attempt(
        ExerciseKind kind,
        int grade,
        long seed,
        boolean right,
        boolean safe,
        double minutes,
        double bestMinutes,
        double seconds) {
    private static final double MOST_SECONDS = 1e6;
    private static final double MOST_MINUTES = 100_000;

    /// @throws IllegalArgumentException when the kind is missing or a figure is out of bounds
    public Attempt {
        Require.given(kind, "kind of an exercise");
        Require.within(grade, 1, Exercise.GRADES, "grade of an exercise");
        Require.within(minutes, 0, MOST_MINUTES, "minutes of an exercise");
        Require.within(bestMinutes, 0, MOST_MINUTES, "least minutes of an exercise");
        Require.within(seconds, 0, MOST_SECONDS, "seconds of an exercise");
    }

    /// An exercise as it was judged.
    ///
    /// @param seconds until it was answered, in seconds
    public static Attempt of(Exercise exercise, Judgement judgement, double seconds) {
        return new Attempt(
                exercise.kind(),
                exercise.grade(),
                exercise.seed(),
                judgement.right(),
                judgement.unsafe().isEmpty(),
                judgement.reckoning().map(Reckoning::minutes).orElse(0.0),
                judgement.reckoning().map(Reckoning::bestMinutes).orElse(0.0),
                Math.clamp(seconds, 0, MOST_SECONDS));
    }

    /// Whether it is right and was done safely.
    public boolean passed() {
        return right && safe;
    }
}
