package io.answerback.core.learn.question;

import io.answerback.core.assess.Assessment;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.faultfinding.FaultExercises;
import io.answerback.core.learn.jobcheck.JobCheckExercises;
import io.answerback.core.learn.question.DropExercises.Starved;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.prove.chain.PointResult;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/// Makes exercises from a seed over sites that are given. The same seed over the same sites gives the same
/// exercise anywhere.
public final class Exercises {
    private final Material material;
    private final FaultExercises faults;
    private List<Starved> starved;

    /// @param material what they are made of
    public Exercises(Material material) {
        this.material = material;
        this.faults = new FaultExercises(material.sites(), material.priors());
    }

    /// An exercise.
    ///
    /// @param grade how hard it is, 1 to [Exercise#GRADES]
    /// @throws IllegalArgumentException when the grade is out of bounds, or the sites have nothing for this
    ///     kind
    public Exercise make(ExerciseKind kind, int grade, long seed) {
        Random random = new Random(seed * 31 + kind.seedNumber() * 7L + grade);
        return switch (kind) {
            case RESISTOR -> ResistorExercises.make(grade, seed, random);
            case LOOP -> LoopExercises.make(grade, seed, points(), random);
            case FAULT -> faults.make(grade, seed, random);
            case WIRING -> WiringExercises.make(grade, seed, material, random);
            case POWER -> PowerExercises.make(grade, seed, material.sites(), this::starved, random);
            case BUS -> BusExercises.make(grade, seed, material.sites(), random);
            case PROGRAMMING -> ProgrammingExercises.make(grade, seed, material.sites(), random);
            case LINE -> LineExercises.make(grade, seed, material, random);
            case SETTING -> SettingExercises.make(grade, seed, material.sites(), random);
            case COMMISSIONING ->
                JobCheckExercises.make(
                        grade, seed, one(checkable(), random, "wired points with a zone"), material.events(), random);
        };
    }

    /// One of several.
    ///
    /// @param what what they are, for the refusal when there is none
    /// @throws IllegalArgumentException when there is none
    static <T> T one(List<T> of, Random random, String what) {
        if (of.isEmpty()) {
            throw new IllegalArgumentException("the sites have no " + what + "; give others");
        }
        return of.get(random.nextInt(of.size()));
    }

    /// Worked out once, when it is first asked for.
    private synchronized List<Starved> starved() {
        if (starved == null) {
            starved = material.sites().stream()
                    .flatMap(site -> DropExercises.starved(site, material.cables()).stream())
                    .toList();
        }
        return starved;
    }

    private List<Assessment> checkable() {
        return material.sites().stream().filter(JobCheckExercises::fits).toList();
    }

    private List<WiredPoint> points() {
        return material.sites().stream()
                .flatMap(site -> site.points().stream())
                .map(PointResult::wired)
                .flatMap(Optional::stream)
                .toList();
    }
}
