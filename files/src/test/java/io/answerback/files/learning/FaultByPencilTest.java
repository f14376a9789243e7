package io.answerback.files.learning;

import io.answerback.core.learn.exercise.ExerciseKind;
import org.junit.jupiter.api.Test;

/// Hidden faults found with Ohm's law from the parts that are given and what the meter shows.
class FaultByPencilTest {
    /// Two faults at once are tried in every combination of values, which takes most of a second.
    private static final int CASES = 6;

    @Test
    void aFaultIsFoundFromWhatTheMeterShows() {
        for (int grade = 1; grade <= 5; grade++) {
            Pencil.first(CASES, ExerciseKind.FAULT, grade, exercise -> new PencilLoop(exercise).solved());
        }
    }
}
