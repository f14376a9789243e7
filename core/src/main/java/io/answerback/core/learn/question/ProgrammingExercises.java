package io.answerback.core.learn.question;

import io.answerback.core.assess.Assessment;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.Judgement;
import io.answerback.core.learn.exercise.Solution;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.EntryForm;
import io.answerback.core.model.profile.Setting;
import io.answerback.core.setup.EntryStep;
import io.answerback.core.setup.RunSheet;
import io.answerback.core.setup.SetupState;
import io.answerback.core.setup.SetupWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;

/// Programming a panel: what is typed (grade 1 with choices, 2 without), what an entry means (3), the order
/// with the least walking through menus (4), and where an entry is (5).
final class ProgrammingExercises {
    /// How often an exercise about what is typed is one about what a device does by itself instead.
    private static final int DEVICES_ONE_IN = 4;
    private static final int CHOICES = 5;
    private static final int IN_ORDER = 3;
    private static final String SLIP =
            "Another entry makes the panel do something else, and nobody sees it before the alarm.";

    private ProgrammingExercises() {}

    static Exercise make(int grade, long seed, List<Assessment> sites, Random random) {
        Ask ask = new Ask(ExerciseKind.PROGRAMMING, grade, seed);
        Assessment site = Exercises.one(
                sites.stream().filter(its -> !typed(its).isEmpty()).toList(), random, "entry to type");
        List<EntryStep> steps = typed(site);
        EntryStep step = Exercises.one(steps, random, "entry to type");
        if (grade == 2 && random.nextInt(DEVICES_ONE_IN) == 0) {
            Optional<Exercise> ofDevice = DeviceExercises.make(ask, sites, random);
            if (ofDevice.isPresent()) {
                return ofDevice.get();
            }
        }
        return switch (grade) {
            case 3 -> meaning(ask, site, steps, notSaid(steps, step, random), random);
            case 4 -> order(ask, site, steps, random);
            case 5 -> place(ask, site, steps, step, random);
            default -> entry(ask, site, steps, step, random);
        };
    }

    private static List<EntryStep> typed(Assessment site) {
        return site.get(SetupState.FACT).sheet().steps().stream()
                .filter(step -> step.entry().filter(entry -> !entry.isBlank()).isPresent()
                        && step.setting().form().kind() != EntryForm.Kind.SECRET)
                .toList();
    }

    private static String panel(Assessment site) {
        return "Panel: " + site.job().panel().profile().name();
    }

    private static String at(EntryStep step) {
        return "At: " + where(step);
    }

    /// How the panel wants it typed, as its manual says: without that, 30 and 030 look alike.
    private static String taken(Setting setting) {
        EntryForm form = setting.form();
        String each = form.kind() == EntryForm.Kind.COUNT && !form.unit().isEmpty()
                ? Text.of(
                        ", counted in %s%s",
                        form.step() == 1 ? "" : "steps of " + plain(form.step()) + " ", form.unit())
                : "";
        return "There " + SetupWords.entries(setting) + each;
    }

    private static String plain(double step) {
        return step == Math.rint(step) ? Text.of("%.0f", step) : Text.of("%.1f", step);
    }

    private static String where(EntryStep step) {
        return String.join(" > ", step.where());
    }

    private static String wanted(EntryStep step) {
        return (step.of().isEmpty() ? "" : step.of() + ": ") + step.intent();
    }

    /// What is typed for entries of the form of one; for all of them where there is none.
    private static List<String> entries(List<EntryStep> steps, EntryStep like) {
        return steps.stream()
                .filter(other -> like == null
                        || other.setting().form().kind()
                                == like.setting().form().kind())
                .map(other -> other.entry().orElseThrow())
                .distinct()
                .toList();
    }

    private static Exercise entry(Ask ask, Assessment site, List<EntryStep> steps, EntryStep step, Random random) {
        String right = step.entry().orElseThrow();
        List<String> alike = entries(steps, step);
        List<String> entries = alike.size() > 2 ? alike : entries(steps, null);
        return ask.of(
                Text.of("What do you type for \"%s\"?", wanted(step)),
                List.of(panel(site), at(step), taken(step.setting())),
                ask.grade() == 1 ? Choices.of(entries, right, CHOICES, random) : List.of(),
                Solution.exactly(right, Text.of("This panel takes \"%s\" for it.", right), SLIP));
    }

    /// One whose meaning does not say the entry itself, as that of an account does.
    private static EntryStep notSaid(List<EntryStep> steps, EntryStep step, Random random) {
        List<EntryStep> unsaid = steps.stream()
                .filter(its -> !its.intent().contains(its.entry().orElseThrow()))
                .toList();
        return unsaid.contains(step) || unsaid.isEmpty() ? step : unsaid.get(random.nextInt(unsaid.size()));
    }

    /// What an entry means: other wishes of the same setting are the choices.
    private static Exercise meaning(Ask ask, Assessment site, List<EntryStep> steps, EntryStep step, Random random) {
        List<String> others = steps.stream()
                .filter(other ->
                        !other.entry().equals(step.entry()) || !other.setting().equals(step.setting()))
                .map(EntryStep::intent)
                .filter(intent -> !intent.equals(step.intent()))
                .toList();
        return ask.of(
                Text.of(
                        "\"%s\" is typed there. What does it mean?",
                        step.entry().orElseThrow()),
                List.of(panel(site), at(step)),
                Choices.of(others, step.intent(), CHOICES, random),
                Solution.exactly(
                        step.intent(),
                        Text.of("\"%s\" there means %s.", step.entry().orElseThrow(), step.intent()),
                        "If you read an entry as another one, it stays as it was found."));
    }

    private static Exercise order(Ask ask, Assessment site, List<EntryStep> steps, Random random) {
        List<Integer> places = random.ints(0, steps.size())
                .distinct()
                .limit(Math.min(IN_ORDER, steps.size()))
                .boxed()
                .toList();
        List<String> given = new ArrayList<>(List.of(panel(site)));
        List<EntryStep> asked = places.stream().map(steps::get).toList();
        for (int i = 0; i < asked.size(); i++) {
            given.add(letter(i) + ": " + wanted(asked.get(i)) + ", at " + where(asked.get(i)));
        }
        return ask.of(
                "In which order are these typed with the least walking through the menus, first menu first? Answer with letters and commas.",
                given,
                List.of(),
                leastWalking(asked));
    }

    /// Every order with the least walking is right: several entries of one menu go either way.
    private static Solution leastWalking(List<EntryStep> asked) {
        Map<String, Integer> levels = new TreeMap<>();
        orders(List.of(), asked, levels);
        int least = levels.values().stream().min(Integer::compare).orElseThrow();
        List<String> right = levels.entrySet().stream()
                .filter(order -> order.getValue() == least)
                .map(Map.Entry::getKey)
                .toList();
        return answer -> {
            boolean same = right.contains(answer.toUpperCase(Locale.ROOT).replaceAll("[ ,;]+", ", "));
            String why = Text.of("It walks up and down %d levels; every order with as few is right.", least);
            String slip = " Any other order walks up and down the menus again, and something is forgotten on the way.";
            return new Judgement(same, right.getFirst(), same ? why : why + slip);
        };
    }

    private static void orders(List<EntryStep> begun, List<EntryStep> asked, Map<String, Integer> levels) {
        if (begun.size() == asked.size()) {
            levels.put(
                    begun.stream().map(step -> letter(asked.indexOf(step))).collect(Collectors.joining(", ")),
                    RunSheet.levelsWalked(begun));
            return;
        }
        asked.stream().filter(step -> !begun.contains(step)).forEach(step -> {
            List<EntryStep> next = new ArrayList<>(begun);
            next.add(step);
            orders(next, asked, levels);
        });
    }

    private static String letter(int at) {
        return Character.toString((char) ('A' + at));
    }

    private static Exercise place(Ask ask, Assessment site, List<EntryStep> steps, EntryStep step, Random random) {
        return ask.of(
                Text.of("Where do you type \"%s\"?", wanted(step)),
                List.of(panel(site)),
                Choices.of(steps.stream().map(ProgrammingExercises::where).toList(), where(step), CHOICES, random),
                Solution.exactly(where(step), Text.of("It is at %s.", where(step)), SLIP));
    }
}
