package io.answerback.core.wiring.cores;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.CoreUse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// A point whose loop comes to a box, or to a joint box on the way, in two cables: joined there they are one loop
/// with two ends, and a cut in one of them is not seen.
public final class LoopCarriedTwice implements BoxCheck {
    /// One loop comes to a box in two cables.
    public static final Rule RULE = new Rule(
            "loop-carried-twice",
            Stop.CABLE,
            Grade.WRONG,
            "One loop comes to a box in two cables.",
            "A cut in one of them changes nothing the panel can see.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, BoxPlan box) {
        return Stream.of(box)
                .flatMap(its -> loops(its).entrySet().stream()
                        .filter(loop -> loop.getValue().size() > 1)
                        .map(loop -> finding(its, loop.getKey(), loop.getValue())));
    }

    private static Map<PointId, List<CableCores>> loops(BoxPlan box) {
        Map<PointId, List<CableCores>> loops = new LinkedHashMap<>();
        for (CableCores cable : box.cables()) {
            if (cable.end() == CableEnd.NEAR) {
                cable.cores().stream()
                        .filter(core -> core.use() == CoreUse.LOOP)
                        .flatMap(core -> core.need().pointId().stream())
                        .distinct()
                        .forEach(point -> loops.computeIfAbsent(point, key -> new ArrayList<>())
                                .add(cable));
            }
        }
        return loops;
    }

    private static Finding finding(BoxPlan box, PointId pointId, List<CableCores> cables) {
        String ids = String.join(
                " and ", cables.stream().map(CableCores::id).map(CableId::text).toList());
        return RULE.finds(
                        new Target.OfCable(cables.getLast().id(), Optional.of(pointId)),
                        Text.of("The loop of %s comes to %s twice", pointId, box.title()),
                        Text.of(
                                "%s both carry it: side by side, a cut in one of them changes nothing the panel can see.",
                                ids),
                        Text.of(
                                "Take %s off %s, or let one of the cables end elsewhere.",
                                pointId, cables.getLast().id()))
                .of(pointId);
    }
}
