package io.answerback.core.learn.question;

import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.Solution;
import java.util.List;

/// What every exercise begins with.
///
/// @param kind what is learned
/// @param grade how hard it is
/// @param seed what it is made from
record Ask(ExerciseKind kind, int grade, long seed) {
    /// An exercise of these.
    Exercise of(String asked, List<String> given, List<String> choices, Solution solution) {
        return new Exercise(kind, grade, seed, asked, given, choices, solution);
    }
}
