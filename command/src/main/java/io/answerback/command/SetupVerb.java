package io.answerback.command;

import io.answerback.core.setup.EntryStep;
import io.answerback.core.setup.RunSheet;
import io.answerback.core.setup.SetupState;
import io.answerback.files.BrokenFile;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// What is typed into the panel of a job, in order.
@Command(name = "setup", description = "programming run sheet of a job", mixinStandardHelpOptions = true)
final class SetupVerb implements Callable<Integer> {
    @Mixin
    private JobArgument argument;

    @Option(names = "--all", description = "also what a new panel has already")
    private boolean all;

    @Override
    public Integer call() throws BrokenFile {
        RunSheet sheet = argument.assess().get(SetupState.FACT).sheet();
        List<EntryStep> steps = all ? sheet.steps() : sheet.differing();
        if (argument.json()) {
            System.out.println(Json.text(json(sheet, steps)));
        } else {
            steps.forEach(SetupVerb::print);
            sheet.broken().values().forEach(why -> System.out.println("left out: " + why));
        }
        return sheet.broken().isEmpty()
                        && sheet.steps().stream().noneMatch(step -> step.standing() == EntryStep.Standing.CANNOT)
                ? 0
                : 1;
    }

    private static ObjectNode json(RunSheet sheet, List<EntryStep> steps) {
        ObjectNode document = Json.object();
        ArrayNode list = document.putArray("steps");
        int order = 1;
        for (EntryStep step : steps) {
            step(list.addObject().put("order", order++), step);
        }
        ObjectNode broken = document.putObject("broken");
        sheet.broken().forEach(broken::put);
        return document.put("levels", sheet.levels())
                .put("levelsByNumber", sheet.levelsByNumber())
                .put("secondsLeft", Math.round(sheet.secondsLeft()));
    }

    private static void step(ObjectNode node, EntryStep step) {
        node.put("setting", step.setting().name())
                .put("id", step.setting().id())
                .put("number", step.number())
                .put("of", step.of())
                .put("intent", step.intent());
        step.entry().ifPresentOrElse(entry -> node.put("entry", entry), () -> node.putNull("entry"));
        ArrayNode where = node.putArray("where");
        step.where().forEach(where::add);
        node.put("shows", step.shows())
                .put("standing", step.standing().words())
                .put("problem", step.problem())
                .put(
                        "done",
                        step.standing() == EntryStep.Standing.DONE
                                || step.standing() == EntryStep.Standing.AS_NEW
                                || step.standing() == EntryStep.Standing.SKIPPED);
    }

    private static void print(EntryStep step) {
        System.out.printf(
                "%-14s %-40s %-28s %-12s %s%n",
                step.standing().words(),
                String.join(" > ", step.where()),
                step.of(),
                step.entry().orElse("-"),
                step.problem().isEmpty() ? step.intent() : step.intent() + ": " + step.problem());
    }
}
