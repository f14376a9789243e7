package io.answerback.core.prove.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.testing.SmallJob;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;

/// The order against every order there is, on small sites.
class WalkingOrderTest {
    /// A site of some points, each in an area and some metres from the panel.
    private static Job site(List<Integer> places) {
        Job job = SmallJob.job();
        List<Point> points = job.points();
        for (int i = 0; i < points.size(); i++) {
            int place = places.get(i);
            job = PointEdits.surveyed(
                            "", Set.of(points.get(i).id()), surveyed -> surveyed.withArea(Optional.of(1 + place % 2)))
                    .on(job);
        }
        return job;
    }

    private static List<List<PointId>> orders(List<PointId> points) {
        if (points.isEmpty()) {
            return List.of(List.of());
        }
        List<List<PointId>> all = new ArrayList<>();
        for (PointId first : points) {
            List<PointId> rest = new ArrayList<>(points);
            rest.remove(first);
            for (List<PointId> order : orders(rest)) {
                List<PointId> with = new ArrayList<>(List.of(first));
                with.addAll(order);
                all.add(with);
            }
        }
        return all;
    }

    @Property(tries = 50)
    void noOrderIsShorter(@ForAll @Size(3) List<@IntRange(max = 1) Integer> places) {
        Job job = site(places);
        List<PointId> points = job.points().stream().map(Point::id).toList();
        double best = orders(points).stream()
                .mapToDouble(order -> WalkingOrder.metres(job, order))
                .min()
                .orElseThrow();
        List<PointId> order = WalkingOrder.of(job, points);
        assertThat(order).containsExactlyInAnyOrderElementsOf(points);
        assertThat(WalkingOrder.metres(job, order)).isEqualTo(best);
    }
}
