package io.answerback.core.acceptance;

import io.answerback.core.cable.Cable;
import io.answerback.core.id.PointId;
import io.answerback.core.site.Parts;
import io.answerback.core.site.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/// The points in the order that walks least. Nobody has drawn the building, so that the way is taken from the cables:
/// each area is a corridor from the panel, and a point stands in it as far off as its cable is long.
public final class WalkingOrder {
    private WalkingOrder() {}

    /// The points that are given, in the order to walk to them: area by area, each from the panel outwards. The area
    /// that reaches farthest is the last, because nobody has to walk back from there. No order is shorter on this
    /// picture of the building.
    public static List<PointId> of(Parts job, List<PointId> points) {
        Map<Integer, List<PointId>> areas = new TreeMap<>();
        points.forEach(id -> areas.computeIfAbsent(area(job, id), number -> new ArrayList<>())
                .add(id));
        Comparator<PointId> near = Comparator.comparingDouble(id -> metres(job, id));
        areas.values().forEach(list -> list.sort(near.thenComparing(PointId::text)));
        return areas.values().stream()
                .sorted(Comparator.comparingDouble(list -> metres(job, list.getLast())))
                .flatMap(List::stream)
                .toList();
    }

    /// How far one walks from the panel by all of them in this order, in metres.
    public static double metres(Parts job, List<PointId> order) {
        double walked = 0;
        int area = 0;
        double at = 0;
        for (PointId id : order) {
            double next = metres(job, id);
            int its = area(job, id);
            walked += its == area ? Math.abs(next - at) : at + next;
            area = its;
            at = next;
        }
        return walked;
    }

    private static int area(Parts job, PointId id) {
        return job.point(id).flatMap(point -> point.surveyed().area()).orElse(0);
    }

    private static double metres(Parts job, PointId id) {
        return job.point(id)
                .map(Point::id)
                .flatMap(job::cableTo)
                .map(Cable::metres)
                .orElse(0.0);
    }
}
