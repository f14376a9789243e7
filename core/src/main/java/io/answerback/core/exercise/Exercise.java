package io.answerback.core.exercise;

import io.answerback.core.common.Require;
import java.util.List;

/// An exercise. Its solution is kept in it and is seen by judging an answer only.
public final class Exercise {
    /// The most grades there are.
    public static final int GRADES = 5;

    private final ExerciseKind kind;
    private final int grade;
    private final long seed;
    private final String asked;
    private final List<String> given;
    private final List<String> choices;
    private final Solution solution;

    /// @param grade how hard it is, 1 to [#GRADES]
    /// @param seed what it was made from
    /// @param asked what is asked
    /// @param given what is known
    /// @param choices what may be answered; empty where anything may
    Exercise(
            ExerciseKind kind,
            int grade,
            long seed,
            String asked,
            List<String> given,
            List<String> choices,
            Solution solution) {
        this.kind = kind;
        this.grade = Require.within(grade, 1, GRADES, "grade of an exercise");
        this.seed = seed;
        this.asked = asked;
        this.given = List.copyOf(given);
        this.choices = List.copyOf(choices);
        this.solution = solution;
    }

    /// What is learned.
    public ExerciseKind kind() {
        return kind;
    }

    /// How hard it is, 1 to [#GRADES].
    public int grade() {
        return grade;
    }

    /// What it was made from.
    public long seed() {
        return seed;
    }

    /// What is asked.
    public String asked() {
        return asked;
    }

    /// What is known, line by line.
    public List<String> given() {
        return given;
    }

    /// What may be answered; empty where anything may.
    public List<String> choices() {
        return choices;
    }

    /// Judges an answer.
    public Judgement judge(String answer) {
        return solution.judge(answer == null ? "" : answer.strip());
    }
}
