package io.answerback.command.exercise;

import io.answerback.command.Json;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.Judgement;
import io.answerback.core.learn.exercise.Reckoning;
import io.answerback.core.learn.exercise.WorkStep;
import io.answerback.files.learning.ExerciseMaterial;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// One exercise from a seed; work on site is given in order, and with an answer it is judged. Exit code 1
/// when the answer is not right, or the way to it was not safe.
@Command(
        name = "exercise",
        description = "one exercise made from a seed; with --answer it is judged",
        subcommands = {SheetVerb.class, BoardVerb.class, GroupVerb.class},
        mixinStandardHelpOptions = true)
public final class ExerciseVerb implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Option(
            names = "--kind",
            description = "resistor, loop, fault, wiring, power, bus, programming, line, setting or commissioning")
    private String kind;

    @Option(names = "--grade", defaultValue = "1", description = "1 to 5; 1 without it")
    private int grade;

    @Option(names = "--seed", description = "what it is made from; the same seed gives the same")
    private Long seed;

    @Option(
            names = "--did",
            split = ",",
            paramLabel = "STEP",
            description = "what is done on site, in order; what each step shows is printed")
    private List<String> did = List.of();

    @Option(
            names = "--answer",
            description =
                    "judges this answer; several are joined with \"; \", and cores are landed as in \"red=12V; black=0V\"")
    private String answer;

    @Option(names = "--json", description = "answer as one JSON document")
    private boolean json;

    @Override
    public Integer call() {
        if (kind == null || seed == null) {
            throw new CommandLine.ParameterException(
                    spec.commandLine(), "an exercise needs --kind and --seed; or say sheet, board or group");
        }
        Exercise exercise = ExerciseMaterial.exercises().make(kind(kind), grade, seed);
        if (answer == null) {
            ask(exercise);
            return 0;
        }
        Judgement judgement = exercise.judge(did, answer);
        judge(judgement);
        return judgement.passed() ? 0 : 1;
    }

    /// The kind of a name.
    ///
    /// @throws IllegalArgumentException when there is none, with those there are
    static ExerciseKind kind(String name) {
        return ExerciseKind.named(name)
                .orElseThrow(() -> new IllegalArgumentException(
                        "there is no kind \"%s\"; there are %s".formatted(name, ExerciseKind.ids())));
    }

    private String shown(Exercise exercise, int at) {
        return exercise.work()
                .orElseThrow(() -> new IllegalArgumentException("nothing is done on site in this exercise"))
                .shows(did.subList(0, at), did.get(at));
    }

    private void ask(Exercise exercise) {
        List<WorkStep> steps = exercise.work().map(work -> work.steps()).orElse(List.of());
        if (json) {
            System.out.println(Json.text(asked(exercise, steps)));
            return;
        }
        System.out.println(exercise.asked());
        exercise.given().forEach(line -> System.out.println("  " + line));
        exercise.choices().forEach(choice -> System.out.println("  - " + choice));
        steps.forEach(step -> System.out.printf("  %-16s %4.0f min  %s%n", step.id(), step.minutes(), step.words()));
        for (int i = 0; i < did.size(); i++) {
            System.out.printf("%s: %s%n", did.get(i), shown(exercise, i));
        }
    }

    private ObjectNode asked(Exercise exercise, List<WorkStep> steps) {
        ObjectNode document = Json.object()
                .put("kind", exercise.kind().id())
                .put("grade", exercise.grade())
                .put("seed", exercise.seed())
                .put("asked", exercise.asked());
        exercise.given().forEach(document.putArray("given")::add);
        exercise.choices().forEach(document.putArray("choices")::add);
        ArrayNode list = document.putArray("steps");
        steps.forEach(step -> list.addObject()
                .put("id", step.id())
                .put("words", step.words())
                .put("minutes", step.minutes())
                .put("sort", step.sort().name().toLowerCase(Locale.ROOT)));
        ArrayNode shown = document.putArray("shown");
        for (int i = 0; i < did.size(); i++) {
            shown.addObject().put("step", did.get(i)).put("shows", shown(exercise, i));
        }
        return document;
    }

    private void judge(Judgement judgement) {
        if (json) {
            System.out.println(Json.text(judged(judgement)));
            return;
        }
        System.out.printf("%s%n%s%n", judgement.right() ? "Right." : "Not right.", judgement.says());
        judgement.unsafe().forEach(System.out::println);
        judgement.reckoning().ifPresent(its -> {
            System.out.printf("%.0f min; the best way takes %.0f min:%n", its.minutes(), its.bestMinutes());
            its.best()
                    .forEach(line ->
                            System.out.printf("  %4.0f min  %s: %s%n", line.minutes(), line.words(), line.shows()));
        });
    }

    private static ObjectNode judged(Judgement judgement) {
        ObjectNode document = Json.object()
                .put("right", judgement.right())
                .put("safe", judgement.unsafe().isEmpty())
                .put("solution", judgement.solution())
                .put("says", judgement.says());
        judgement.unsafe().forEach(document.putArray("unsafe")::add);
        judgement.reckoning().ifPresent(its -> {
            document.put("minutes", its.minutes()).put("bestMinutes", its.bestMinutes());
            lines(document.putArray("done"), its.done());
            lines(document.putArray("best"), its.best());
        });
        return document;
    }

    private static void lines(ArrayNode list, List<Reckoning.Line> lines) {
        lines.forEach(line -> list.addObject()
                .put("words", line.words())
                .put("minutes", line.minutes())
                .put("shows", line.shows())
                .put("told", line.told()));
    }
}
