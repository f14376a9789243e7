package io.answerback.core.exercise;

import io.answerback.core.assess.Assessment;
import io.answerback.core.common.Text;
import io.answerback.core.profile.EntryForm;
import io.answerback.core.scheme.FittedLoop;
import io.answerback.core.setup.EntryStep;
import io.answerback.core.site.Input;
import io.answerback.core.site.Job;
import java.util.List;
import java.util.Random;

/// Makes exercises from a seed over sites that are given. The same seed over the same sites gives the same exercise
/// anywhere.
public final class Exercises {
    private final List<Assessment> sites;

    /// @param sites the sites they are made of
    /// @throws IllegalArgumentException when there is none
    public Exercises(List<Assessment> sites) {
        if (sites.isEmpty()) {
            throw new IllegalArgumentException("exercises are made of sites; give at least one");
        }
        this.sites = List.copyOf(sites);
    }

    /// An exercise.
    ///
    /// @param grade how hard it is, 1 to [Exercise#GRADES]
    /// @throws IllegalArgumentException when the grade is out of bounds, or the sites have nothing for this kind
    public Exercise make(ExerciseKind kind, int grade, long seed) {
        Random random = new Random(seed * 31 + kind.ordinal() * 7L + grade);
        return switch (kind) {
            case RESISTOR -> ResistorExercises.make(grade, seed, random);
            case LOOP -> LoopExercises.make(grade, seed, loops(), random);
            case BUS -> bus(grade, seed, random);
            case PROGRAMMING -> programming(grade, seed, random);
        };
    }

    private static <T> T one(List<T> of, Random random, String what) {
        if (of.isEmpty()) {
            throw new IllegalArgumentException("the sites have no " + what + "; give others");
        }
        return of.get(random.nextInt(of.size()));
    }

    private List<FittedLoop> loops() {
        return sites.stream()
                .flatMap(site -> site.points().stream())
                .flatMap(point -> point.wired().stream())
                .flatMap(wired -> wired.fitted().stream())
                .toList();
    }

    private Exercise bus(int grade, long seed, Random random) {
        Assessment site = one(sites, random, "site");
        Job job = site.job();
        Input input = one(job.inputs(), random, "input");
        List<String> zones = job.inputs().stream()
                .map(other -> Integer.toString(other.zone()))
                .distinct()
                .toList();
        return new Exercise(
                ExerciseKind.BUS,
                grade,
                seed,
                "Which zone is read at " + job.nameOf(input) + "?",
                List.of(
                        "Panel: " + job.panel().profile().name(),
                        "Modules: "
                                + Text.listed(job.modules().stream()
                                        .map(its -> its.name())
                                        .toList())),
                grade <= 2 ? zones : List.of(),
                Solution.exactly(
                        Integer.toString(input.zone()),
                        Text.of("%s brings zone %d on this panel.", job.nameOf(input), input.zone()),
                        "Whoever programs another zone leaves this one off: wired, and dead."));
    }

    private Exercise programming(int grade, long seed, Random random) {
        Assessment site = one(sites, random, "site");
        List<EntryStep> steps = site.setup().sheet().differing().stream()
                .filter(step -> step.entry().filter(entry -> !entry.isBlank()).isPresent()
                        && step.setting().form().kind() != EntryForm.Kind.SECRET)
                .toList();
        EntryStep step = one(steps, random, "entry to type");
        return new Exercise(
                ExerciseKind.PROGRAMMING,
                grade,
                seed,
                Text.of("What do you type for \"%s\"?", (step.of() + " " + step.intent()).strip()),
                List.of("Panel: " + site.job().panel().profile().name(), "At: " + String.join(" > ", step.where())),
                List.of(),
                Solution.exactly(
                        step.entry().orElseThrow(),
                        Text.of("This panel takes \"%s\" for it.", step.entry().orElseThrow()),
                        "Another entry makes the panel do something else, and nobody sees it before the alarm."));
    }
}
