package io.answerback.core.learn.jobcheck;

import io.answerback.core.assess.Assessment;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.jobcheck.JobCheckWork.Planted;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.loop.resistor.PreferredValues;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Job;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.core.signal.event.EventTable;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/// Makes exercises of a small site with three slips. Higher grades have more points.
public final class JobCheckExercises {
    private static final int WRONG = 3;
    private static final int LEAST_POINTS = 3;
    private static final double ALIKE = 0.2;

    private JobCheckExercises() {}

    /// An exercise.
    ///
    /// @param site the site it is made of
    /// @throws IllegalArgumentException when the site has fewer than four points with a loop, an input and a
    ///     zone
    public static Exercise make(int grade, long seed, Assessment site, EventTable events, Random random) {
        List<WiredPoint> points = new ArrayList<>(usable(site));
        if (points.size() <= LEAST_POINTS) {
            throw new IllegalArgumentException("the site has too few wired points with a zone; give another");
        }
        Collections.shuffle(points, random);
        List<CheckedPoint> checked = points.stream()
                .limit(LEAST_POINTS + grade)
                .map(point -> checked(site.job(), point, events, random))
                .sorted(Comparator.comparing(CheckedPoint::name))
                .toList();
        JobCheckWork work = new JobCheckWork(slips(checked, random));
        return Exercise.onSite(
                        ExerciseKind.COMMISSIONING,
                        grade,
                        seed,
                        "Three things on this site are not as planned. Which?",
                        given(site.job(), checked),
                        work.choices(),
                        work)
                .withPlan(site.job());
    }

    /// Whether a site has enough points for the highest grade.
    public static boolean fits(Assessment site) {
        return usable(site).size() >= LEAST_POINTS + Exercise.GRADES;
    }

    /// The points of a site that can be checked: wired, with an input and a zone of an area.
    static List<WiredPoint> usable(Assessment site) {
        return site.points().stream()
                .map(PointResult::wired)
                .flatMap(Optional::stream)
                .filter(wired -> wired.fitted().isPresent()
                        && wired.loop().isPresent()
                        && wired.input().isPresent()
                        && wired.point().inSeries().isEmpty()
                        && !wired.second()
                        && !wired.point().kind().twoWire()
                        && wired.zone()
                                .filter(zone -> zone.area().isPresent() && zone.type() != ZoneType.NOT_USED)
                                .isPresent())
                .toList();
    }

    private static CheckedPoint checked(Job job, WiredPoint point, EventTable events, Random random) {
        double planned = point.point().loop().endOfLineOhms();
        List<Double> others = PreferredValues.E12.between(1000, 22_000).stream()
                .filter(ohms -> Math.abs(ohms - planned) > ALIKE * planned)
                .toList();
        double wrong = others.get(random.nextInt(others.size()));
        return new CheckedPoint(new PointModel(job, point, events, wrong));
    }

    private static List<Planted> slips(List<CheckedPoint> points, Random random) {
        List<CheckedPoint> order = new ArrayList<>(points);
        Collections.shuffle(order, random);
        List<CheckedPoint> wrong = order.subList(0, WRONG);
        List<Planted> planted = new ArrayList<>();
        for (CheckedPoint point : points) {
            List<Slip> possible =
                    point.possible().stream().filter(slip -> slip != Slip.NONE).toList();
            Slip slip = wrong.contains(point) ? possible.get(random.nextInt(possible.size())) : Slip.NONE;
            planted.add(new Planted(point, slip));
        }
        return planted;
    }

    private static List<String> given(Job job, List<CheckedPoint> points) {
        List<String> given = new ArrayList<>();
        given.add("Panel: " + job.panel().profile().name());
        for (CheckedPoint point : points) {
            given.add(Text.of(
                    "%s: zone %d, %s, area %02d, %s, end-of-line resistor %s",
                    point.name(),
                    point.model().zone().number(),
                    point.model().zone().type().words(),
                    point.model().zone().area().orElse(0),
                    point.model().wired().point().loop().scheme().words(),
                    Figures.resistor(point.model().wired().point().loop().endOfLineOhms())));
        }
        return given;
    }
}
