package io.answerback.command.exercise;

import io.answerback.core.learn.apprentice.ExerciseSheet;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.question.Exercises;
import io.answerback.files.learning.ExerciseMaterial;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/// A sheet of exercises as two PDF files: for apprentices, and with what is right for the teacher.
@Command(
        name = "sheet",
        description = "a sheet of exercises by their seeds, printed without and with answers",
        mixinStandardHelpOptions = true)
final class SheetVerb implements Callable<Integer> {
    private static final int PARTS = 3;

    @Option(
            names = "--seeds",
            split = ",",
            required = true,
            paramLabel = "KIND/GRADE/SEED",
            description = "the exercises, such as fault/3/17; a plain number is a seed of --kind and --grade")
    private List<String> seeds;

    @Option(names = "--kind", defaultValue = "fault", description = "the kind of plain seeds; fault without it")
    private String kind;

    @Option(names = "--grade", defaultValue = "1", description = "the grade of plain seeds; 1 without it")
    private int grade;

    @Option(names = "--out", required = true, paramLabel = "DIR", description = "where the files go")
    private Path folder;

    @Override
    public Integer call() throws IOException {
        Exercises exercises = ExerciseMaterial.exercises();
        List<Exercise> sheet =
                seeds.stream().map(seed -> exercise(exercises, seed.strip())).toList();
        Files.createDirectories(folder);
        Printed.write(folder.resolve("exercises.pdf"), ExerciseSheet.asked(sheet));
        Printed.write(folder.resolve("answers.pdf"), ExerciseSheet.answers(sheet));
        System.out.printf("%d exercises in %s%n", sheet.size(), folder);
        return 0;
    }

    private Exercise exercise(Exercises exercises, String seed) {
        String[] parts = seed.split("/");
        try {
            return switch (parts.length) {
                case 1 -> exercises.make(ExerciseVerb.kind(kind), grade, Long.parseLong(seed));
                case PARTS ->
                    exercises.make(ExerciseVerb.kind(parts[0]), Integer.parseInt(parts[1]), Long.parseLong(parts[2]));
                default -> throw new NumberFormatException(seed);
            };
        } catch (NumberFormatException broken) {
            throw new IllegalArgumentException(
                    "\"%s\" is no exercise; give KIND/GRADE/SEED, such as fault/3/17".formatted(seed), broken);
        }
    }
}
