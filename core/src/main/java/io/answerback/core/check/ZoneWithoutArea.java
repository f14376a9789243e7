package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.site.Job;
import io.answerback.core.site.Zone;
import java.util.stream.Stream;

/// A zone that is on but belongs to no area, or to one that does not exist: nobody can make it watch.
final class ZoneWithoutArea implements PointRule {
    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return point.wired().stream()
                .filter(wired -> wired.zone()
                        .filter(zone -> zone.type() != ZoneType.NOT_USED)
                        .filter(zone -> zone.area().flatMap(job::area).isEmpty())
                        .isPresent())
                .map(wired -> finding(wired.point().id(), wired.zone().orElseThrow()));
    }

    private static Finding finding(String point, Zone zone) {
        return Finding.of(
                "zone-without-area",
                Stop.REPORT,
                Grade.WRONG,
                point,
                zone.area().isEmpty()
                        ? "Zone %02d is in no area".formatted(zone.number())
                        : "Zone %02d is in area %02d, which is not there"
                                .formatted(zone.number(), zone.area().get()),
                "A zone without an area is never watched and sends nothing.",
                "Put the zone in the area it protects.");
    }
}
