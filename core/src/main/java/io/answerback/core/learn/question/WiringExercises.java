package io.answerback.core.learn.question;

import io.answerback.core.assess.Assessment;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.Judgement;
import io.answerback.core.learn.exercise.Picture;
import io.answerback.core.learn.exercise.Safeguard;
import io.answerback.core.learn.exercise.Solution;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.profile.Terminal;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CableCores;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.core.wiring.cores.CoreTermination;
import io.answerback.core.wiring.cores.PlannedCore;
import io.answerback.core.wiring.cores.TerminationWords;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/// Landing cores: one of them (grade 1), the two that were changed over (2), the ring that passes a cover by
/// (3), the polarity (4), all of a cable at once (5).
final class WiringExercises {
    /// How often an exercise about a ring is one about a screen instead.
    private static final int SCREENS_ONE_IN = 4;

    private static final String ANSWER = " Answer with the colours of both cores and a comma between them.";

    private WiringExercises() {}

    /// A cable at a box.
    private record Place(Assessment site, BoxPlan box, CableCores cable) {
        List<PlannedCore> landed() {
            return cable.cores().stream()
                    .filter(core -> core.termination() instanceof CoreTermination.Under)
                    .toList();
        }

        String where(PlannedCore core) {
            return TerminationWords.terminal(box.strip(), ((CoreTermination.Under) core.termination()).terminal());
        }

        String serves() {
            return Text.of("Cable %s at %s", cable.id(), box.title());
        }

        List<PlannedCore> polar() {
            return landed().stream()
                    .filter(cable::polar)
                    .filter(core -> partner(core) != null)
                    .toList();
        }

        PlannedCore partner(PlannedCore core) {
            return core.use()
                    .partner()
                    .flatMap(use -> landed().stream()
                            .filter(other -> other.use() == use
                                    && other.need().pointId().equals(core.need().pointId()))
                            .findFirst())
                    .orElse(null);
        }
    }

    static Exercise make(int grade, long seed, Material material, Random random) {
        List<Assessment> sites = material.sites();
        Ask ask = new Ask(ExerciseKind.WIRING, grade, seed);
        List<Place> places = sites.stream()
                .flatMap(site -> site.get(CorePlan.FACT).boxes().stream()
                        .flatMap(box -> box.cables().stream().map(cable -> new Place(site, box, cable))))
                .filter(place -> place.landed().size() >= 2)
                .toList();
        return switch (grade) {
            case 1 -> one(ask, Exercises.one(places, random, "core under a terminal"), random);
            case 2 -> changedOver(ask, Exercises.one(places, random, "core under a terminal"), random);
            case 3 ->
                random.nextInt(SCREENS_ONE_IN) == 0
                        ? ScreenExercises.make(ask, sites, material.cables(), random)
                        : RingExercises.make(ask, sites, random);
            case 4 ->
                polarity(
                        ask,
                        Exercises.one(
                                places.stream()
                                        .filter(place -> !place.polar().isEmpty())
                                        .toList(),
                                random,
                                "pair with a polarity"),
                        random);
            default -> whole(ask, Exercises.one(places, random, "core under a terminal"));
        };
    }

    /// What an answer to work in a box needs before it.
    static Exercise landing(Exercise exercise, Solution solution, String doing) {
        return exercise.withWork(
                new SafeWork(doing, List.of(Safeguard.ON_TEST, Safeguard.ISOLATE, Safeguard.BATTERY_OFF), solution));
    }

    private static Exercise one(Ask ask, Place place, Random random) {
        PlannedCore core = Exercises.one(place.landed(), random, "core");
        List<String> choices = place.box().strip().isEmpty() ? List.of() : terminals(place);
        String right = place.where(core);
        Solution solution = Solution.exactly(
                right,
                Text.of("%s is %s and goes to %s.", core.colour(), core.use().words(), right),
                CoreSlips.of(core.use()));
        return ask.of(Text.of("Where does the core %s go?", core.colour()), uses(place), choices, solution);
    }

    private static List<String> terminals(Place place) {
        List<String> terminals = new ArrayList<>();
        for (int i = 0; i < place.box().strip().size(); i++) {
            terminals.add(TerminationWords.terminal(place.box().strip(), i));
        }
        return terminals.stream().distinct().toList();
    }

    private static List<String> uses(Place place) {
        List<String> given = new ArrayList<>(List.of(place.serves()));
        place.cable().cores().forEach(core -> given.add(use(place, core)));
        given.addAll(new Legend(place.box()).lines());
        return given;
    }

    /// What a core is for, with the input that it serves where it is on one: a terminal is found by that.
    private static String use(Place place, PlannedCore core) {
        String use = core.colour() + ": " + core.need().words(true);
        return switch (core.termination()) {
            case CoreTermination.Under under ->
                atTerminal(place, core, use, place.box().strip().get(under.terminal()));
            case CoreTermination.Joined joined -> use + ", " + TerminationWords.of(joined, List.of());
            case CoreTermination.FoldedBack folded -> use;
            case CoreTermination.Nowhere nowhere -> use + ": " + nowhere.why();
        };
    }

    private static String atTerminal(Place place, PlannedCore core, String use, Terminal terminal) {
        return switch (terminal.use()) {
            case INPUT -> Text.of("%s, on input %d", use, terminal.inputs().getFirst());
            case INPUT_RETURN ->
                core.need()
                        .pointId()
                        .flatMap(place.site().job()::inputOf)
                        .map(input -> Text.of("%s, on input %d", use, input.number()))
                        .orElse(use);
            case OUTPUT -> core.use() == CoreUse.SUPPLY ? use + ", from the output that resets detectors" : use;
            case SUPPLY,
                    SUPPLY_RETURN,
                    TAMPER,
                    BUS,
                    SOUNDER,
                    STROBE,
                    SOUNDER_TAMPER,
                    SPEAKER,
                    DIALLER,
                    CONTACT,
                    OTHER -> use;
        };
    }

    private static Exercise changedOver(Ask ask, Place place, Random random) {
        List<PlannedCore> two = new ArrayList<>(place.landed());
        Collections.shuffle(two, random);
        PlannedCore first = two.getFirst();
        PlannedCore second = two.stream()
                .filter(core -> !place.where(core).equals(place.where(first)))
                .findFirst()
                .orElse(two.get(1));
        return found(ask, place, first, second, "Two cores were landed in each other's place. Which?");
    }

    private static Exercise polarity(Ask ask, Place place, Random random) {
        PlannedCore first = Exercises.one(place.polar(), random, "pair");
        return found(
                ask,
                place,
                first,
                place.partner(first),
                "The device is dead. Which two cores are the wrong way round?");
    }

    private static Exercise found(Ask ask, Place place, PlannedCore first, PlannedCore second, String asked) {
        List<String> given = new ArrayList<>(List.of(place.serves(), "As planned the cores are:"));
        place.landed().forEach(core -> given.add(use(place, core)));
        given.addAll(new Legend(place.box()).lines());
        given.add("As landed:");
        place.landed()
                .forEach(core -> given.add(
                        core.colour() + " in " + place.where(core == first ? second : core == second ? first : core)));
        Solution solution = pair(first, second);
        return landing(
                ask.of(asked + ANSWER, given, List.of(), solution), solution, "open the box and change the cores");
    }

    private static Solution pair(PlannedCore first, PlannedCore second) {
        String right = first.colour() + ", " + second.colour();
        return answer -> {
            List<String> said = List.of(answer.toLowerCase(Locale.ROOT).split("\\s*,\\s*")).stream()
                    .map(String::strip)
                    .sorted()
                    .toList();
            boolean same = said.equals(List.of(first.colour(), second.colour()).stream()
                    .map(colour -> colour.toLowerCase(Locale.ROOT))
                    .sorted()
                    .toList());
            String why = Text.of("%s and %s were changed over. ", first.colour(), second.colour())
                    + CoreSlips.of(first.use());
            return new Judgement(same, right, why);
        };
    }

    private static Exercise whole(Ask ask, Place place) {
        String right = String.join(
                "; ",
                place.landed().stream()
                        .map(core -> core.colour() + "=" + place.where(core))
                        .toList());
        List<String> given = new ArrayList<>(uses(place));
        Picture picture = new Picture.Landing(
                place.landed().stream().map(PlannedCore::colour).toList(), terminals(place));
        Solution solution = new LandedCores(place.landed(), place::where, right);
        return landing(
                ask.of("Where does each core go?", given, List.of(), solution).withPicture(picture),
                solution,
                "land the cores");
    }
}
