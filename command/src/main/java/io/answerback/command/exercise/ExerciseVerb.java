package io.answerback.command.exercise;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.exercise.Exercise;
import io.answerback.core.exercise.ExerciseKind;
import io.answerback.core.exercise.Exercises;
import io.answerback.core.exercise.Judgement;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/// One exercise from a seed; with an answer it is judged. Exit code 1 when the answer is not right.
@Command(
        name = "exercise",
        description = "one exercise made from a seed; with --answer it is judged",
        mixinStandardHelpOptions = true)
public final class ExerciseVerb implements Callable<Integer> {
    private static final int SITES = 3;
    private static final JsonMapper MAPPER = new JsonMapper();

    @Option(names = "--kind", required = true, description = "resistor, loop, bus or programming")
    private String kind;

    @Option(names = "--grade", defaultValue = "1", description = "1 to 5; 1 without it")
    private int grade;

    @Option(names = "--seed", required = true, description = "what it is made from; the same seed gives the same")
    private long seed;

    @Option(names = "--answer", description = "judges this answer")
    private String answer;

    @Option(names = "--json", description = "answer as one JSON document")
    private boolean json;

    @Override
    public Integer call() {
        ExerciseKind its = ExerciseKind.named(kind)
                .orElseThrow(() -> new IllegalArgumentException("there is no kind \"%s\"; there are %s"
                        .formatted(
                                kind,
                                Arrays.stream(ExerciseKind.values())
                                        .map(each -> each.name().toLowerCase(Locale.ROOT))
                                        .collect(Collectors.joining(", ")))));
        Exercise exercise = exercises().make(its, grade, seed);
        if (answer == null) {
            ask(exercise);
            return 0;
        }
        Judgement judgement = exercise.judge(answer);
        judge(judgement);
        return judgement.right() ? 0 : 1;
    }

    private static Exercises exercises() {
        Assessor assessor = new Assessor(DataFiles.events());
        List<Assessment> sites = Stream.iterate(1, number -> number + 1)
                .limit(SITES)
                .map(number -> assessor.assess(DemoJobs.job(number)))
                .toList();
        return new Exercises(sites);
    }

    private void ask(Exercise exercise) {
        if (json) {
            ObjectNode document = MAPPER.createObjectNode()
                    .put("kind", exercise.kind().name().toLowerCase(Locale.ROOT))
                    .put("grade", exercise.grade())
                    .put("seed", exercise.seed())
                    .put("asked", exercise.asked());
            exercise.given().forEach(document.putArray("given")::add);
            exercise.choices().forEach(document.putArray("choices")::add);
            System.out.println(document.toPrettyString());
            return;
        }
        System.out.println(exercise.asked());
        exercise.given().forEach(line -> System.out.println("  " + line));
        exercise.choices().forEach(choice -> System.out.println("  - " + choice));
    }

    private void judge(Judgement judgement) {
        if (json) {
            System.out.println(MAPPER.createObjectNode()
                    .put("right", judgement.right())
                    .put("solution", judgement.solution())
                    .put("says", judgement.says())
                    .toPrettyString());
        } else {
            System.out.printf("%s%n%s%n", judgement.right() ? "Right." : "Not right.", judgement.says());
        }
    }
}
