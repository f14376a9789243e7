package io.answerback.core.report;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Zone;
import java.util.List;
import java.util.stream.Stream;

/// A zone that is on but belongs to no area, or to one that does not exist: nobody can make it watch.
public final class ZoneWithoutArea implements PointCheck {
    /// A zone that is on belongs to no area.
    public static final Rule RULE = new Rule(
            "zone-without-area",
            Stop.REPORT,
            Grade.WRONG,
            "A zone that is on belongs to no area.",
            "It is never watched and sends nothing.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return facts.of(WiredPoint.FACT, pointId).stream()
                .filter(wired -> wired.zone()
                        .filter(zone -> zone.type() != ZoneType.NOT_USED)
                        .filter(zone -> zone.area().flatMap(facts::area).isEmpty())
                        .isPresent())
                .map(wired -> finding(wired.point().id(), wired.zone().orElseThrow()));
    }

    private static Finding finding(PointId point, Zone zone) {
        return RULE.finds(
                new Target.OfPoint(point),
                zone.area().isEmpty()
                        ? Text.of("Zone %02d is in no area", zone.number())
                        : Text.of(
                                "Zone %02d is in area %02d, which is not there",
                                zone.number(), zone.area().get()),
                "A zone without an area is never watched and sends nothing.",
                "Put the zone in the area it protects.");
    }
}
