package io.answerback.core.learn.apprentice;

import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.model.common.Text;
import io.answerback.core.paper.Table;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/// How a group of apprentices stands, a line for each kind of exercise that one has tried.
public final class GroupTable {
    private GroupTable() {}

    /// The group as a table, in the order of the names.
    public static Table of(List<Apprentice> group) {
        return new Table(
                "Exercises: how the group stands",
                List.of(
                        "Apprentice",
                        "Kind",
                        "Grade",
                        "Done",
                        "Passed",
                        "At once",
                        "Unsafe",
                        "Times the best",
                        "Seconds"),
                List.of(2.0, 1.6, 0.7, 0.7, 0.7, 0.8, 0.7, 1.1, 0.8),
                group.stream()
                        .sorted(Comparator.comparing(Apprentice::name))
                        .flatMap(apprentice -> Arrays.stream(ExerciseKind.values())
                                .filter(kind -> !apprentice.of(kind).isEmpty())
                                .map(kind -> row(apprentice, kind)))
                        .toList(),
                List.of());
    }

    private static List<String> row(Apprentice apprentice, ExerciseKind kind) {
        double times = apprentice.timesOver(kind);
        double seconds = apprentice.usualSeconds(kind);
        return List.of(
                apprentice.name(),
                kind.title(),
                Integer.toString(apprentice.grade(kind)),
                Integer.toString(apprentice.of(kind).size()),
                Long.toString(apprentice.passed(kind)),
                Long.toString(apprentice.passedAtOnce(kind)),
                Long.toString(apprentice.unsafe(kind)),
                times == 0 ? "" : Text.of("%.1f", times),
                seconds == 0 ? "" : Text.of("%.0f", seconds));
    }
}
