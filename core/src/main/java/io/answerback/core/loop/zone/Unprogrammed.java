package io.answerback.core.loop.zone;

import io.answerback.core.model.id.InputId;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.SurveyedZone;
import io.answerback.core.model.site.Zone;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;

/// Zones that a point needs and that are off, or in no area though surveyed for one: wired, and dead.
public final class Unprogrammed {
    private Unprogrammed() {}

    /// The points of such zones, by zone. A point that was surveyed as not used needs none, and neither does an
    /// input that is not monitored.
    public static Map<Integer, Point> of(Parts job) {
        return of(job, input -> true);
    }

    /// The same on some inputs only.
    public static Map<Integer, Point> of(Parts job, Predicate<Input> which) {
        Set<InputId> ignored = ZoneMap.of(job).ignored();
        Map<Integer, Point> dead = new TreeMap<>();
        job.inputs().stream()
                .filter(which)
                .filter(input -> !ignored.contains(input.id()))
                .forEach(input -> input.pointId()
                        .flatMap(job::point)
                        .filter(point -> dead(point.surveyed(), job.zone(input.zone())))
                        .ifPresent(point -> dead.put(input.zone(), point)));
        return dead;
    }

    private static boolean dead(SurveyedZone surveyed, Optional<Zone> zone) {
        if (surveyed.type() == ZoneType.NOT_USED) {
            return false;
        }
        boolean off =
                zone.map(Zone::type).filter(type -> type != ZoneType.NOT_USED).isEmpty();
        boolean nowhere = zone.flatMap(Zone::area).isEmpty();
        return off || nowhere && surveyed.area().isPresent();
    }

    /// The zones of a job with those programmed as their points were surveyed; an event of their own they keep.
    public static List<Zone> programmed(List<Zone> zones, Map<Integer, Point> dead) {
        Map<Integer, Zone> all = new TreeMap<>();
        zones.forEach(zone -> all.put(zone.number(), zone));
        dead.forEach((number, point) -> {
            Optional<String> event = Optional.ofNullable(all.get(number)).flatMap(Zone::ownEvent);
            all.put(
                    number,
                    new Zone(number, point.surveyed().type(), point.surveyed().area(), event));
        });
        return List.copyOf(all.values());
    }
}
