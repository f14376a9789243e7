package io.answerback.core.learn.apprentice;

import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.model.common.Require;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/// Somebody who learns the trade.
///
/// @param name who
/// @param attempts every exercise that was answered, in order
public record Apprentice(String name, List<Attempt> attempts) {
    private static final int IN_A_ROW = 2;
    private static final long SPREAD = 1_000_003;

    /// @throws IllegalArgumentException when the name is blank
    public Apprentice {
        name = Require.text(name, "name of an apprentice");
        attempts = List.copyOf(attempts);
    }

    /// The same with one more exercise.
    public Apprentice with(Attempt attempt) {
        List<Attempt> more = new ArrayList<>(attempts);
        more.add(attempt);
        return new Apprentice(name, more);
    }

    /// The exercises of one kind, in order.
    public List<Attempt> of(ExerciseKind kind) {
        return attempts.stream().filter(attempt -> attempt.kind() == kind).toList();
    }

    /// How hard the next exercise of a kind is: one grade more after two right in a row, one less after two
    /// wrong in a row, counted anew after each change, from 1 to [Exercise#GRADES]. Only exercises of the
    /// grade that is due count, so that easy ones on the side do not raise it.
    public int grade(ExerciseKind kind) {
        int grade = 1;
        int row = 0;
        for (Attempt attempt : of(kind)) {
            if (attempt.grade() == grade) {
                boolean goesOn = attempt.passed() ? row >= 0 : row <= 0;
                row = (goesOn ? row : 0) + (attempt.passed() ? 1 : -1);
                int next = Math.clamp(grade + row / IN_A_ROW, 1, Exercise.GRADES);
                row = Math.abs(row) >= IN_A_ROW ? 0 : row;
                grade = next;
            }
        }
        return grade;
    }

    /// What the next exercise of a kind is made from: another for each apprentice, none that was had before.
    public long nextSeed(ExerciseKind kind) {
        Set<Long> had = new HashSet<>();
        of(kind).forEach(attempt -> had.add(attempt.seed()));
        long seed = Math.floorMod(name.hashCode() * SPREAD, 9_000_000L) + 1;
        while (had.contains(seed)) {
            seed++;
        }
        return seed;
    }

    /// How many exercises of a kind were passed.
    public long passed(ExerciseKind kind) {
        return of(kind).stream().filter(Attempt::passed).count();
    }

    /// How many of a kind were passed the first time they were tried.
    public long passedAtOnce(ExerciseKind kind) {
        Set<List<Long>> tried = new HashSet<>();
        return of(kind).stream()
                .filter(attempt -> tried.add(List.of((long) attempt.grade(), attempt.seed())) && attempt.passed())
                .count();
    }

    /// How many were not done safely.
    public long unsafe(ExerciseKind kind) {
        return of(kind).stream().filter(attempt -> !attempt.safe()).count();
    }

    /// How long it usually takes to answer one, in seconds: half of those that were passed took longer; 0
    /// where none was measured.
    public double usualSeconds(ExerciseKind kind) {
        double[] seconds = of(kind).stream()
                .filter(Attempt::passed)
                .mapToDouble(Attempt::seconds)
                .filter(each -> each > 0)
                .sorted()
                .toArray();
        return seconds.length == 0 ? 0 : seconds[seconds.length / 2];
    }

    /// How many times as long as the best way those took that were passed; 0 where nothing was passed that
    /// takes time on site.
    public double timesOver(ExerciseKind kind) {
        List<Attempt> passed = of(kind).stream().filter(Attempt::passed).toList();
        double best = passed.stream().mapToDouble(Attempt::bestMinutes).sum();
        return best == 0 ? 0 : passed.stream().mapToDouble(Attempt::minutes).sum() / best;
    }
}
