package io.answerback.core.check;

import io.answerback.core.cable.CableEnd;
import io.answerback.core.cores.BoxPlan;
import io.answerback.core.cores.CableCores;
import io.answerback.core.cores.Place;
import io.answerback.core.practice.CoreUse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;

/// A point whose loop comes to its input in two cables: joined there they are one loop with two ends, and a cut
/// in one of them is seen by nobody.
final class LoopCarriedTwice implements JobRule {
    static final String RULE = "loop-carried-twice";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.cores().boxes().stream()
                .filter(box -> box.place().kind() == Place.Kind.BOX)
                .flatMap(box -> loops(box).entrySet().stream()
                        .filter(loop -> loop.getValue().size() > 1)
                        .map(loop -> finding(box, loop.getKey(), loop.getValue())));
    }

    private static Map<String, List<CableCores>> loops(BoxPlan box) {
        Map<String, List<CableCores>> loops = new TreeMap<>();
        for (CableCores cable : box.cables()) {
            if (cable.end() == CableEnd.NEAR) {
                cable.cores().stream()
                        .filter(core -> core.use() == CoreUse.LOOP)
                        .map(core -> core.need().pointId())
                        .distinct()
                        .forEach(point -> loops.computeIfAbsent(point, key -> new ArrayList<>())
                                .add(cable));
            }
        }
        return loops;
    }

    private static Finding finding(BoxPlan box, String pointId, List<CableCores> cables) {
        String ids = String.join(" and ", cables.stream().map(CableCores::id).toList());
        return new Finding(
                RULE + ":" + pointId,
                Stop.CABLE,
                Grade.WRONG,
                pointId,
                cables.getLast().id(),
                "The loop of %s comes to %s twice".formatted(pointId, box.title()),
                "%s both carry it: side by side on one input, a cut in one of them changes nothing the panel can see."
                        .formatted(ids),
                "Take %s off %s, or let one of the cables end elsewhere."
                        .formatted(pointId, cables.getLast().id()));
    }
}
