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
import java.util.List;
import java.util.stream.Stream;

/// A point that is wired to an input whose zone is off: it says ready with nothing connected.
public final class ZoneWiredButOff implements PointCheck {
    /// A point is wired to an input whose zone is off.
    public static final Rule RULE = new Rule(
            "zone-off",
            Stop.REPORT,
            Grade.WRONG,
            "A point is wired to an input whose zone is off.",
            "The panel says ready and never looks at it.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return facts.of(WiredPoint.FACT, pointId).stream()
                .filter(wired -> wired.input().isPresent())
                .filter(wired -> wired.zone()
                        .filter(zone -> zone.type() != ZoneType.NOT_USED)
                        .isEmpty())
                .map(wired -> RULE.finds(
                        new Target.OfPoint(wired.point().id()),
                        Text.of("Zone %02d is off", wired.input().orElseThrow().zone()),
                        "Wired and measured, but its type is \"not used\": the panel says ready and never looks.",
                        "Give the zone a type and an area."));
    }
}
