package io.answerback.core.learn.faultfinding;

import io.answerback.core.assess.Assessment;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.Picture;
import io.answerback.core.loop.BandChart;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.loop.fault.Priors;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.SupplyLoss;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.device.SchemeKind.Part;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.SchemeBands;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.LoopWiring;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/// Makes exercises of a hidden fault. Higher grades have faults that come and go, ask for the side of the
/// joint, and have two things wrong at once.
public final class FaultExercises {
    private static final int TRIES = 40;
    private static final double LEAST_METRES = 12;
    private static final int MORE_METRES = 140;

    private final List<Place> points;
    private final Priors priors;

    /// A point of a site.
    private record Place(Job job, WiredPoint point) {}

    /// @param sites sites whose loops are taken; at least one of them must have a loop
    /// @param priors how often each cause is met
    public FaultExercises(List<Assessment> sites, Priors priors) {
        this.points = sites.stream()
                .flatMap(site -> site.points().stream()
                        .flatMap(point -> point.wired().stream())
                        .map(wired -> new Place(site.job(), wired)))
                .filter(place -> usable(place.job(), place.point()))
                .toList();
        this.priors = priors;
    }

    private static boolean usable(Job job, WiredPoint point) {
        Optional<CableId> cable = job.cableTo(point.point().id()).map(Cable::id);
        return point.fitted().map(fitted -> fitted.cable().id()).equals(cable)
                && cable.isPresent()
                && point.point().inSeries().isEmpty()
                && !point.point().kind().twoWire();
    }

    /// An exercise.
    ///
    /// @throws IllegalArgumentException when no point has a loop in which a fault can be found
    public Exercise make(int grade, long seed, Random random) {
        for (int i = 0; i < TRIES && !points.isEmpty(); i++) {
            Place place = points.get(random.nextInt(points.size()));
            Optional<Exercise> made = at(place.point(), grade, seed, random)
                    .map(its -> its.withPlan(plan(place, its.picture().orElseThrow())));
            if (made.isPresent()) {
                return made.get();
            }
        }
        throw new IllegalArgumentException("no loop of the sites has a fault that measuring would find; give others");
    }

    private static Job plan(Place place, Picture picture) {
        FittedLoop loop = ((Picture.Loop) picture).loop();
        PointId id = place.point().point().id();
        Job wired = LoopEdits.parts("loop", id, before -> loop.wiring()).on(place.job());
        return Edits.cableMetres(loop.cable().id(), loop.cable().metres()).on(wired);
    }

    private Optional<Exercise> at(WiredPoint point, int grade, long seed, Random random) {
        List<SchemeBands> schemes = point.model().schemes().stream()
                .filter(bands -> fits(bands.scheme(), grade))
                .toList();
        if (schemes.isEmpty()) {
            return Optional.empty();
        }
        SchemeBands bands = schemes.get(random.nextInt(schemes.size()));
        FittedLoop loop = loop(point, bands, random);
        BandChart chart = BandChart.of(bands, point.model());
        return FaultCase.of(loop, chart, grade, priors, seed, random)
                .map(made -> exercise(point, made, chart, grade, seed, random));
    }

    /// Whether a scheme is simple enough for a grade.
    public static boolean fits(SchemeKind scheme, int grade) {
        return scheme != SchemeKind.TWO_WIRE_SMOKE && (grade > 1 || !scheme.twoZones());
    }

    private static FittedLoop loop(WiredPoint point, SchemeBands bands, Random random) {
        FittedLoop planned = point.fitted().orElseThrow();
        LoopWiring wiring = planned.wiring().expectedBy(bands);
        return planned.withWiring(wiring)
                .withCable(planned.cable().withMetres(LEAST_METRES + random.nextInt(MORE_METRES)));
    }

    private static Exercise exercise(
            WiredPoint point, FaultCase its, BandChart chart, int grade, long seed, Random random) {
        List<String> when = its.fault().trigger().words();
        String complaint = its.effect(chart)
                .words(
                        point.point().name(),
                        point.point().kind().words().activeWord(),
                        when.get(random.nextInt(when.size())));
        return Exercise.onSite(
                        ExerciseKind.FAULT,
                        grade,
                        seed,
                        "\"" + complaint + "\" What is wrong?",
                        given(its),
                        its.choices().stream().map(FaultAnswer::words).toList(),
                        new FaultWork(its, new OtherSchemes(its.planned(), point.model())))
                .withPicture(new Picture.Loop(
                        its.planned(), "the input", point.point().name(), true));
    }

    private static List<String> given(FaultCase its) {
        LoopWiring wiring = its.planned().wiring();
        List<String> given = new ArrayList<>(parts(wiring));
        withoutSupply(its.planned().supplyLoss()).ifPresent(given::add);
        given.add(Text.of(
                "Cable %.0f m of %s, joined half way",
                its.planned().cable().metres(),
                its.planned().cable().conductor().name()));
        given.add(its.costs().jointHigh() ? "The joint is above the ceiling" : "The joint is within reach");
        given.add(
                its.costs().deviceHigh() ? "The device is out of reach from the floor" : "The device is within reach");
        return given;
    }

    private static Optional<String> withoutSupply(SupplyLoss loss) {
        return switch (loss) {
            case NO_SUPPLY -> Optional.empty();
            case CONTACT_CHANGES -> Optional.of("Without supply the alarm contact stands as in alarm");
            case CONTACT_STAYS -> Optional.of("Without supply the alarm contact stays as at rest");
            case LOOP_OPENS -> Optional.of("Without supply a relay opens the loop");
        };
    }

    /// The resistors of a loop with their values, line by line.
    public static List<String> parts(LoopWiring wiring) {
        List<String> parts = new ArrayList<>();
        parts.add("Scheme: " + wiring.scheme().words());
        if (wiring.scheme().has(Part.END_OF_LINE)) {
            parts.add("End-of-line resistor " + Figures.resistor(wiring.endOfLineOhms()));
        }
        if (wiring.scheme().has(Part.ALARM)) {
            parts.add("Resistor of the alarm contact " + Figures.resistor(wiring.alarmOhms()));
        }
        if (wiring.scheme().has(Part.SECOND)) {
            parts.add("Resistor of the second contact " + Figures.resistor(wiring.secondOhms()));
        }
        return parts;
    }
}
