package io.answerback.core.prove.acceptance;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/// The points in the order that walks least. Nobody has drawn the building, so that the way is taken from the cables:
/// each area is a corridor from the panel, and a point stands in it as far off as its cable is long.
public final class WalkingOrder {
    private static final Comparator<Place> NEAREST_FIRST = (one, other) -> {
        int byMetres = Double.compare(one.metres(), other.metres());
        return byMetres != 0
                ? byMetres
                : one.point().text().compareTo(other.point().text());
    };

    private WalkingOrder() {}

    /// Where a point stands.
    ///
    /// @param area the area it is in; 0 for none yet
    /// @param metres how far it is from the panel, by its cable
    record Place(PointId point, int area, double metres) {
        static Place of(Parts job, PointId id) {
            return new Place(id, WalkingOrder.area(job, id), WalkingOrder.metres(job, id));
        }
    }

    /// The points that are given, in the order to walk to them: area by area, each from the panel outwards. The area
    /// that reaches farthest is the last, because nobody has to walk back from there. No order is shorter on this
    /// picture of the building.
    public static List<PointId> of(Parts job, List<PointId> points) {
        return of(points.stream().map(id -> Place.of(job, id)).toList());
    }

    static List<PointId> of(List<Place> places) {
        Map<Integer, List<Place>> areas = new TreeMap<>();
        places.forEach(place ->
                areas.computeIfAbsent(place.area(), number -> new ArrayList<>()).add(place));
        areas.values().forEach(list -> list.sort(NEAREST_FIRST));
        List<List<Place>> inOrder = new ArrayList<>(areas.values());
        inOrder.sort(Comparator.comparingDouble(list -> list.getLast().metres()));
        List<PointId> order = new ArrayList<>(places.size());
        inOrder.forEach(list -> list.forEach(place -> order.add(place.point())));
        return List.copyOf(order);
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
