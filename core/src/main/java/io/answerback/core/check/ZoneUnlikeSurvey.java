package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.site.Duty;
import io.answerback.core.site.Job;
import io.answerback.core.site.Point;
import io.answerback.core.site.Zone;
import java.util.Optional;
import java.util.stream.Stream;

/// A zone that is on, but programmed otherwise than the survey decided.
final class ZoneUnlikeSurvey implements PointRule {
    static final String RULE = "zone-unlike-survey";

    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return point.wired().stream()
                .filter(wired -> wired.zone()
                        .filter(zone -> differs(zone, wired.point().duty()))
                        .isPresent())
                .map(wired -> finding(wired.point(), wired.zone().orElseThrow()));
    }

    private static boolean differs(Zone zone, Duty duty) {
        return zone.type() != ZoneType.NOT_USED
                && zone.area().isPresent()
                && (zone.type() != duty.type() || !zone.area().equals(duty.area()));
    }

    private static Finding finding(Point point, Zone zone) {
        return Finding.of(
                RULE,
                Stop.REPORT,
                Grade.TIGHT,
                point.id(),
                "Zone %02d is not as surveyed".formatted(zone.number()),
                "It is %s in %s; the survey says %s in %s."
                        .formatted(
                                zone.type().words(),
                                area(zone.area()),
                                point.duty().type().words(),
                                area(point.duty().area())),
                "Program the zone as surveyed, or change what the survey says.");
    }

    private static String area(Optional<Integer> area) {
        return area.map("area %02d"::formatted).orElse("no area");
    }
}
