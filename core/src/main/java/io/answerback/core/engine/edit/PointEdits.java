package io.answerback.core.engine.edit;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.SurveyedZone;
import io.answerback.core.model.site.Zone;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;

/// Edits to the list of points. All refuse what cannot be with [IllegalArgumentException] when applied.
public final class PointEdits {
    private PointEdits() {}

    /// Another name for a point.
    public static Edit name(PointId pointId, String name) {
        return change("name of point " + pointId, Set.of(pointId), point -> point.withName(name));
    }

    /// The same change to some points. Where the panel was programmed as the survey said, the programming
    /// follows.
    ///
    /// @param name what is done, as the undo menu says it
    public static Edit change(String name, Collection<PointId> pointIds, UnaryOperator<Point> change) {
        return new Edit(name, job -> {
            List<Point> points = job.points().stream()
                    .map(point -> pointIds.contains(point.id()) ? change.apply(point) : point)
                    .toList();
            return followed(job, job.withPoints(points));
        });
    }

    /// The same change to what was decided about some points.
    public static Edit surveyed(String name, Collection<PointId> pointIds, UnaryOperator<SurveyedZone> change) {
        return change(name, pointIds, point -> point.withSurveyed(change.apply(point.surveyed())));
    }

    private static Job followed(Job before, Job after) {
        List<Zone> zones = new ArrayList<>(after.zones());
        for (Point point : after.points()) {
            Optional<Point> was = before.point(point.id());
            if (was.isPresent() && !was.get().surveyed().equals(point.surveyed())) {
                after.inputOf(point.id())
                        .ifPresent(input -> zones.replaceAll(zone -> zone.number() == input.zone()
                                        && agrees(zone, was.get().surveyed())
                                ? zone.withType(point.surveyed().type())
                                        .withArea(point.surveyed().area())
                                : zone));
            }
        }
        return zones.equals(after.zones()) ? after : after.withZones(zones);
    }

    private static boolean agrees(Zone zone, SurveyedZone surveyed) {
        return zone.type() == surveyed.type() && zone.area().equals(surveyed.area());
    }

    /// Programs the zone of a point as the survey says.
    public static Edit programAsSurveyed(PointId pointId) {
        return new Edit("zone of point " + pointId + " as surveyed", job -> {
            Input input = job.inputOf(pointId)
                    .orElseThrow(() -> new IllegalArgumentException("point " + pointId + " has no input yet"));
            SurveyedZone surveyed = job.existingPoint(pointId).surveyed();
            Job typed = Edits.zoneType(input.zone(), surveyed.type()).on(job);
            return Edits.zoneArea(input.zone(), surveyed.area()).on(typed);
        });
    }

    /// Takes some points off the list, with their cables, proofs and readings; their inputs are free again and
    /// their zones no longer programmed.
    public static Edit remove(Collection<PointId> pointIds) {
        return new Edit("removal of " + some(pointIds), job -> removed(job, pointIds));
    }

    private static String some(Collection<PointId> pointIds) {
        return pointIds.size() == 1 ? "point " + pointIds.iterator().next() : pointIds.size() + " points";
    }

    private static Job removed(Job job, Collection<PointId> ids) {
        Set<Integer> zones = new java.util.HashSet<>();
        List<Input> inputs = job.inputs().stream()
                .map(input -> {
                    if (input.pointId().filter(ids::contains).isEmpty()) {
                        return input;
                    }
                    zones.add(input.zone());
                    return input.withPointId(Optional.empty()).withUnusedFitted(UnusedTermination.NOTHING);
                })
                .toList();
        return job.withInputs(inputs)
                .withZones(without(job.zones(), zone -> zones.contains(zone.number())))
                .withCables(CablesLeft.withoutPoints(job.cables(), ids))
                .withProofs(without(job.proofs(), proof -> ids.contains(proof.pointId())))
                .withMeasurements(without(job.measurements(), reading -> ids.contains(reading.pointId())))
                .withPower(job.power().withoutPoints(ids))
                .withRadio(job.radio().withoutPoints(ids))
                .withSetup(job.setup().withoutPoints(ids))
                .withPoints(without(job.points(), point -> ids.contains(point.id())));
    }

    private static <T> List<T> without(List<T> parts, java.util.function.Predicate<T> which) {
        return parts.stream().filter(which.negate()).toList();
    }

    /// Puts a copy of a point after it, under another number and without an input. A cable of the same length
    /// comes with it.
    ///
    /// @param newId the copy's number
    /// @param newName the copy's name
    public static Edit duplicate(PointId pointId, PointId newId, String newName) {
        return new Edit("copy of point " + pointId, job -> {
            Point copy = job.existingPoint(pointId).withId(newId).withName(newName);
            List<Point> points = new ArrayList<>(job.points());
            points.add(points.indexOf(job.existingPoint(pointId)) + 1, copy);
            Job next = job.withPoints(points);
            Optional<Cable> cable = job.cableTo(pointId);
            if (cable.isEmpty()) {
                return next;
            }
            List<Cable> cables = new ArrayList<>(job.cables());
            Cable its = cable.get();
            cables.add(new Cable(
                    CableLabels.free(next, newId),
                    newId,
                    its.metres(),
                    its.conductor(),
                    its.coldestCelsius(),
                    its.hottestCelsius()));
            return next.withCables(cables);
        });
    }

    /// The length of the cable to a point, in metres; a point that had none gets one, indoors.
    ///
    /// @param conductor what a new cable is made of
    public static Edit cable(PointId pointId, double metres, Conductor conductor) {
        return new Edit("cable to point " + pointId, job -> {
            job.existingPoint(pointId);
            List<Cable> cables = new ArrayList<>(job.cables());
            Optional<Cable> run = job.cableTo(pointId);
            run.ifPresentOrElse(
                    its -> cables.set(cables.indexOf(its), its.withMetres(metres)),
                    () -> cables.add(Cable.indoors(CableLabels.free(job, pointId), pointId, metres, conductor)));
            return job.withCables(cables);
        });
    }

    /// Moves some points up or down the list, together.
    ///
    /// @param steps how far down; negative is up
    public static Edit move(Collection<PointId> pointIds, int steps) {
        return new Edit("place of " + some(pointIds), job -> {
            List<Point> points = new ArrayList<>(job.points());
            List<Point> moved = points.stream()
                    .filter(point -> pointIds.contains(point.id()))
                    .toList();
            if (moved.isEmpty()) {
                return job;
            }
            int from = points.indexOf(moved.getFirst());
            points.removeAll(moved);
            points.addAll(Math.clamp(from + (long) steps, 0, points.size()), moved);
            return job.withPoints(points);
        });
    }

    /// Another number for a point; everything that names it follows.
    public static Edit renumber(PointId pointId, PointId newId) {
        return new Edit("number of point " + pointId, job -> {
            job.existingPoint(pointId);
            return renumbered(job, Map.of(pointId, newId));
        });
    }

    /// Numbers all points anew, from 1 in the order of the list; everything that names them follows.
    public static Edit renumberAll() {
        return new Edit("numbers of all points", job -> {
            Map<PointId, PointId> numbers = new HashMap<>();
            int number = 1;
            for (Point point : job.points()) {
                numbers.put(point.id(), new PointId(Text.of("%02d", number++)));
            }
            return renumbered(job, numbers);
        });
    }

    private static Job renumbered(Job job, Map<PointId, PointId> numbers) {
        UnaryOperator<PointId> renamed = id -> numbers.getOrDefault(id, id);
        List<Point> points = map(job.points(), point -> point.withId(renamed.apply(point.id())));
        List<Cable> cables =
                map(job.cables(), cable -> cable.withEnds(cable.ends().withPointIds(renamed)));
        List<Input> inputs =
                map(job.inputs(), input -> input.withPointId(input.pointId().map(renamed)));
        return new Job(
                job.site(),
                reasonsRenumbered(job.practice(), renamed),
                job.panel(),
                job.modules(),
                job.areas(),
                points,
                cables,
                inputs,
                job.zones(),
                job.communicator(),
                job.receivers(),
                map(job.proofs(), proof -> proof.withPointId(renamed.apply(proof.pointId()))),
                map(job.measurements(), reading -> reading.withPointId(renamed.apply(reading.pointId()))),
                job.power().withPoints(renamed),
                job.bus(),
                job.radio().withPoints(renamed),
                job.setup().withPoints(renamed),
                job.acceptance().withPoints(renamed),
                job.service());
    }

    /// The reason for a point's departure is kept under the rule and the point's number.
    private static Practice reasonsRenumbered(Practice practice, UnaryOperator<PointId> renamed) {
        Map<String, String> reasons = new TreeMap<>();
        practice.reasons().forEach((id, reason) -> {
            int colon = id.indexOf(':');
            reasons.put(
                    colon < 0 ? id : id.substring(0, colon + 1) + renamed.apply(new PointId(id.substring(colon + 1))),
                    reason);
        });
        return new Practice(practice.firm(), practice.options(), practice.figures(), reasons);
    }

    private static <T> List<T> map(List<T> parts, UnaryOperator<T> change) {
        return parts.stream().map(change).toList();
    }
}
