package io.answerback.core.survey.takeover;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Measurement;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.SeriesContact;
import io.answerback.core.survey.PointNumbers;
import java.util.ArrayList;
import java.util.List;

/// Edits to old wiring that is taken over.
public final class TakeOverEdits {
    private TakeOverEdits() {}

    /// Notes another contact on a point's loop. The first contact noted on a point that had but its own keeps
    /// the point's name.
    public static Edit addContact(PointId pointId, String name, PointKind kind) {
        return new Edit(
                "contact in series at point " + pointId,
                job -> replaced(job, pointId, point -> {
                    List<SeriesContact> contacts = new ArrayList<>(point.inSeries());
                    if (contacts.isEmpty()) {
                        contacts.add(new SeriesContact(point.name(), point.kind()));
                    }
                    contacts.add(new SeriesContact(name, kind));
                    return point.withInSeries(contacts);
                }));
    }

    /// Takes a contact off a point's loop; the last one left is the point itself.
    ///
    /// @param index which, from 0
    public static Edit removeContact(PointId pointId, int index) {
        return new Edit(
                "contact in series at point " + pointId,
                job -> replaced(job, pointId, point -> {
                    List<SeriesContact> contacts = new ArrayList<>(point.inSeries());
                    if (index < 0 || index >= contacts.size()) {
                        throw new IllegalArgumentException(Text.of(
                                "point %s has no contact %d in series; it has %d",
                                pointId, index + 1, contacts.size()));
                    }
                    contacts.remove(index);
                    return point.withInSeries(contacts.size() < 2 ? List.of() : contacts);
                }));
    }

    /// Gives each contact on a point's loop a point of its own. The first keeps the number, the input, the
    /// cable, the proof and the readings of the old point; the others come after it, numbered on from the
    /// highest.
    public static Edit split(PointId pointId) {
        return new Edit("splitting of point " + pointId, job -> split(job, pointId));
    }

    private static Job split(Job job, PointId pointId) {
        Point old = job.existingPoint(pointId);
        if (old.inSeries().isEmpty()) {
            throw new IllegalArgumentException("point " + pointId + " has one contact only; there is nothing to split");
        }
        List<Point> points = new ArrayList<>(job.points());
        int at = points.indexOf(old);
        SeriesContact first = old.inSeries().getFirst();
        points.set(at, Point.of(old.id(), first.name(), first.kind(), old.surveyed(), old.loop()));
        Job next = job.withPoints(points);
        for (SeriesContact contact : old.inSeries().subList(1, old.inSeries().size())) {
            points.add(
                    ++at,
                    Point.of(
                            new PointId(PointNumbers.next(next)),
                            contact.name(),
                            contact.kind(),
                            old.surveyed(),
                            old.loop()));
            next = job.withPoints(points);
        }
        return next;
    }

    /// Keeps a reading.
    public static Edit measured(Measurement reading) {
        return new Edit("reading at point " + reading.pointId(), job -> {
            List<Measurement> readings = new ArrayList<>(job.measurements());
            readings.add(reading);
            return job.withMeasurements(readings);
        });
    }

    /// Forgets a reading that was mistaken.
    public static Edit forget(Measurement reading) {
        return new Edit("forgotten reading at point " + reading.pointId(), job -> {
            List<Measurement> readings = new ArrayList<>(job.measurements());
            readings.remove(reading);
            return job.withMeasurements(readings);
        });
    }

    private static Job replaced(Job job, PointId pointId, java.util.function.UnaryOperator<Point> change) {
        job.existingPoint(pointId);
        return job.withPoints(job.points().stream()
                .map(point -> point.id().equals(pointId) ? change.apply(point) : point)
                .toList());
    }
}
