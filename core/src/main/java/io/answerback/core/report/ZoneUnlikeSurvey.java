package io.answerback.core.report;

import io.answerback.core.engine.edit.PointEdits;
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
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.SurveyedZone;
import io.answerback.core.model.site.Zone;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A zone that is on, but programmed otherwise than the survey decided.
public final class ZoneUnlikeSurvey implements PointCheck {
    /// A zone is programmed otherwise than the survey decided.
    public static final Rule RULE = new Rule(
            "zone-unlike-survey",
            Stop.REPORT,
            Grade.TIGHT,
            "A zone is programmed otherwise than the survey decided.",
            "Either the survey or the programming is wrong.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return facts.of(WiredPoint.FACT, pointId).stream()
                .filter(wired -> wired.zone()
                        .filter(zone -> differs(zone, wired.point().surveyed()))
                        .isPresent())
                .map(wired -> finding(wired.point(), wired.zone().orElseThrow()));
    }

    private static boolean differs(Zone zone, SurveyedZone surveyed) {
        return zone.type() != ZoneType.NOT_USED
                && zone.area().isPresent()
                && (zone.type() != surveyed.type() || !zone.area().equals(surveyed.area()));
    }

    /// Whether the survey may be followed: it knows the area, and is no less strict than the device and the
    /// programming. A gas alarm that was surveyed as a way in is not programmed as one.
    private static boolean surveyHolds(Point point, Zone zone) {
        ZoneType type = point.surveyed().type();
        boolean strict = !point.has(kind -> kind.family().watchesAlways()) || type.watchesAlways();
        boolean asStrict = (!zone.type().lifeSafety() || type.lifeSafety())
                && (!zone.type().holdUp() || type.holdUp());
        return strict && asStrict && point.surveyed().area().isPresent();
    }

    private static Finding finding(Point point, Zone zone) {
        boolean holds = surveyHolds(point, zone);
        Finding found = RULE.finds(
                new Target.OfPoint(point.id()),
                Text.of("Zone %02d is not as surveyed", zone.number()),
                Text.of(
                        "It is %s in %s; the survey says %s in %s.",
                        zone.type().words(),
                        area(zone.area()),
                        point.surveyed().type().words(),
                        area(point.surveyed().area())),
                holds
                        ? "Program the zone as surveyed, or change what the survey says."
                        : "Correct the survey first: it is not what this device needs.");
        return holds ? found.mendedBy(PointEdits.programAsSurveyed(point.id())) : found;
    }

    private static String area(Optional<Integer> area) {
        return area.map(value -> Text.of("area %02d", value)).orElse("no area");
    }
}
