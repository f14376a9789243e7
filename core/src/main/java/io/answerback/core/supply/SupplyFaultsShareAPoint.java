package io.answerback.core.supply;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.SupplyWatch;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Several faults of supplies that come to one point: the station cannot tell a failed mains from a dead battery.
public final class SupplyFaultsShareAPoint implements JobCheck {
    /// Several supply faults share one point.
    public static final Rule RULE = new Rule(
            "supply-faults-share",
            Stop.POWER,
            Grade.TIGHT,
            "Several supply faults share one point.",
            "While one fault is active, the others are not reported: a mains failure hides a flat battery.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Map<PointId, List<SupplyWatch>> byPoint = facts.power().watches().stream()
                .collect(Collectors.groupingBy(SupplyWatch::pointId, LinkedHashMap::new, Collectors.toList()));
        return byPoint.entrySet().stream()
                .filter(each -> each.getValue().size() > 1)
                .map(each -> RULE.finds(
                        new Target.OfPoint(each.getKey()),
                        Text.of(
                                "%d supply faults share this point",
                                each.getValue().size()),
                        Text.of(
                                "%s: while one is active, the others are not reported.",
                                each.getValue().stream()
                                        .map(watch -> facts.nameOf(watch.module()) + ", "
                                                + watch.fault().words())
                                        .collect(Collectors.joining("; "))),
                        "Give each its own input, mains and battery first."));
    }
}
