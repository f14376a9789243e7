package io.answerback.desktop.work;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.LoopFault;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.SystemPoint;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/// Where somebody looks, and what they hold in their hands there.
///
/// @param selected the zone point or system point that is looked at
/// @param picked the zone points the next change is about, in the order they were picked
/// @param stop the bench that is open
/// @param sheet the sheet of the survey that lies on top
/// @param active points that are active now, whose doors stand open
/// @param device what the bench's switch says the device is doing
/// @param fault what the bench's switch says is the matter with the loop
/// @param focus what is looked at beside the point
record View(
        PointId selected,
        Set<PointId> picked,
        Stop stop,
        SurveySheet sheet,
        Set<PointId> active,
        DeviceState device,
        LoopFault fault,
        Focus focus) {
    /// A first look at a point.
    static View of(PointId selected, Stop stop) {
        return new View(
                selected,
                Set.of(selected),
                stop,
                SurveySheet.ROOMS,
                Set.of(),
                DeviceState.AT_REST,
                LoopFault.NONE,
                Focus.NONE);
    }

    View selecting(PointId pointId) {
        return new View(
                pointId, Set.of(pointId), stop, sheet, active, rest(pointId, active), LoopFault.NONE, Focus.NONE);
    }

    /// Picks a point beside those that are picked, or lets go of it.
    View picking(PointId pointId) {
        Set<PointId> other = new LinkedHashSet<>(picked);
        if (!other.remove(pointId)) {
            other.add(pointId);
        }
        return other.isEmpty() ? this : withPicked(pointId, other);
    }

    /// Looks at a point further on and picks every point up to it.
    View pickingUpTo(PointId pointId, List<Point> points) {
        List<PointId> ids = points.stream().map(Point::id).toList();
        int from = ids.indexOf(selected);
        int to = ids.indexOf(pointId);
        if (from < 0 || to < 0) {
            return selecting(pointId);
        }
        Set<PointId> other = new LinkedHashSet<>(picked);
        other.addAll(ids.subList(Math.min(from, to), Math.max(from, to) + 1));
        return withPicked(pointId, other);
    }

    View withPicked(PointId nowSelected, Set<PointId> other) {
        return new View(nowSelected, other, stop, sheet, active, rest(nowSelected, active), LoopFault.NONE, Focus.NONE);
    }

    /// The same look at a job that was edited: what is no longer there is let go of.
    View still(Job job, PointId first) {
        Set<PointId> left = new LinkedHashSet<>(picked);
        left.removeIf(id -> job.point(id).isEmpty());
        if (job.point(selected).isPresent() || SystemPoint.of(selected).isPresent()) {
            left.add(selected);
            return new View(selected, left, stop, sheet, active, device, fault, focus);
        }
        return selecting(left.stream().findFirst().orElse(first));
    }

    View at(Stop newStop, SurveySheet newSheet) {
        return new View(selected, picked, newStop, newSheet, active, device, fault, focus);
    }

    View focusing(Focus newFocus) {
        return new View(selected, picked, stop, sheet, active, device, fault, newFocus);
    }

    View switched(DeviceState newDevice, LoopFault newFault) {
        return new View(selected, picked, stop, sheet, active, newDevice, newFault, focus);
    }

    View activating(Set<PointId> nowActive) {
        return new View(
                selected, picked, stop, sheet, Set.copyOf(nowActive), rest(selected, nowActive), LoopFault.NONE, focus);
    }

    private static DeviceState rest(PointId pointId, Set<PointId> active) {
        return active.contains(pointId) ? DeviceState.ACTIVE : DeviceState.AT_REST;
    }
}
