package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.site.Job;
import java.util.stream.Stream;

/// A point that is wired to an input whose zone is off: it says ready with nothing connected.
final class ZoneWiredButOff implements PointRule {
    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return point.wired().stream()
                .filter(wired -> wired.input().isPresent())
                .filter(wired -> wired.zone()
                        .filter(zone -> zone.type() != ZoneType.NOT_USED)
                        .isEmpty())
                .map(wired -> Finding.of(
                        "zone-off",
                        Stop.REPORT,
                        Grade.WRONG,
                        wired.point().id(),
                        "Zone %02d is off".formatted(wired.input().orElseThrow().zone()),
                        "Wired and measured, but its type is \"not used\": the panel says ready and never looks.",
                        "Give the zone a type and an area."));
    }
}
