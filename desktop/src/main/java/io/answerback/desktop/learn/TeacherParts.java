package io.answerback.desktop.learn;

import io.answerback.core.learn.apprentice.Apprentice;
import io.answerback.core.learn.apprentice.ExerciseSheet;
import io.answerback.core.learn.apprentice.GroupTable;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.question.Exercises;
import io.answerback.core.paper.Table;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.LongStream;

/// What a teacher looks at: how the group stands, and sheets of exercises by their seeds.
final class TeacherParts {
    private static final int ON_A_SHEET = 6;

    private final Learning learning;
    private final ApprenticeShelf shelf;
    private final TeacherFiles files;
    private final Runnable showAgain;
    private List<Apprentice> group = List.of();
    private boolean open;
    private int grade = 1;
    private long seed = 1;

    TeacherParts(Learning learning, ApprenticeShelf shelf, TeacherFiles files, Runnable showAgain) {
        this.learning = learning;
        this.shelf = shelf;
        this.files = files;
        this.showAgain = showAgain;
    }

    boolean open() {
        return open;
    }

    /// Opens it, or goes back to the exercise.
    void turn() {
        open = !open;
        if (open) {
            shelf.readAll(all -> {
                group = all;
                showAgain.run();
            });
        }
        showAgain.run();
    }

    List<Part> parts() {
        Table table = GroupTable.of(group);
        List<Part> parts = new ArrayList<>();
        parts.add(Group.flow(
                        Words.of("start-title", "How the group stands"),
                        Tool.of(
                                        "Save as CSV…",
                                        "the table for a spreadsheet",
                                        () -> files.table("How the group stands", "group", table))
                                .enabled(!group.isEmpty()))
                .style("learn-title"));
        parts.add(group.isEmpty() ? Words.empty("Nobody has answered an exercise on this computer yet.") : grid(table));
        parts.add(Words.title("A sheet of exercises"));
        parts.add(Words.wrapped(Words.quiet(
                "Six exercises of the kind on the left, by their seeds: the same sheet again whenever it is wanted.")));
        parts.add(Group.flow(
                        Words.of("learn-given", "grade"),
                        Value.of("Grade of the sheet", Integer.toString(grade), this::grade),
                        Words.of("learn-given", "first seed"),
                        Value.of("First seed", Long.toString(seed), this::seed))
                .style("learn-title"));
        parts.add(Group.flow(
                        Tool.of("For apprentices…", "a PDF without answers", () -> sheet(false)),
                        Tool.of("With answers…", "a PDF with what is right and what to read out", () -> sheet(true)))
                .style("learn-title"));
        parts.add(Words.title("A board that was really wired"));
        parts.add(
                Words.wrapped(
                        Words.quiet(
                                "A form to mark it by, a line for each core of the open job: landed, polarity, label, slack, tug, tidy.")));
        parts.add(Group.flow(Tool.of("Marking form…", "a PDF from the plan of the cores", files::board)));
        return parts;
    }

    private static Part grid(Table table) {
        Grid.Filling grid = Grid.filling("learn-ways");
        grid.line(table.headings().stream().map(Words::title).toList());
        table.rows()
                .forEach(row -> grid.line(
                        row.stream().map(cell -> Words.of("learn-given", cell)).toList()));
        return grid.asPart();
    }

    private boolean grade(String typed) {
        boolean within = typed.strip().matches("[1-5]");
        grade = within ? Integer.parseInt(typed.strip()) : grade;
        showAgain.run();
        return within;
    }

    private boolean seed(String typed) {
        boolean whole = typed.strip().matches("\\d{1,12}");
        seed = whole ? Long.parseLong(typed.strip()) : seed;
        showAgain.run();
        return whole;
    }

    private void sheet(boolean answers) {
        learning.exercises()
                .ifPresent(its -> files.sheet(
                        answers ? "Exercises with answers" : "Exercises",
                        answers ? "answers" : "exercises",
                        sheet(its, learning.kind(), grade, seed, answers)));
    }

    private static Supplier<Table> sheet(Exercises its, ExerciseKind kind, int grade, long seed, boolean answers) {
        return () -> {
            List<Exercise> made = LongStream.range(seed, seed + ON_A_SHEET)
                    .mapToObj(each -> its.make(kind, grade, each))
                    .toList();
            return answers ? ExerciseSheet.answers(made) : ExerciseSheet.asked(made);
        };
    }
}
