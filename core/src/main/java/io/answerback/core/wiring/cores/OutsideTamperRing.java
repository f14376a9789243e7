package io.answerback.core.wiring.cores;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.CableId;
import java.util.List;
import java.util.stream.Stream;

/// A cover the tamper ring should go through and does not.
public final class OutsideTamperRing implements BoxCheck {
    /// A cover is not part of the tamper ring.
    public static final Rule RULE = new Rule(
            "outside-ring",
            Stop.CABLE,
            Grade.WRONG,
            "A cover is not part of the tamper ring.",
            "A cover can be taken off without anybody noticing.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, BoxPlan box) {
        return Stream.of(box)
                .flatMap(its -> its.ring().leftOut().stream()
                        .flatMap(id -> its.cable(id).stream())
                        .map(cable -> finding(its, cable)));
    }

    private static Finding finding(BoxPlan box, CableCores cable) {
        CableId id = cable.cable().id();
        return RULE.finds(
                Target.of(cable.cable()),
                Text.of("%s is outside the tamper ring", id),
                Text.of("Nobody would notice a cover off, or %s cut.", id),
                mend(box, cable));
    }

    private static String mend(BoxPlan box, CableCores cable) {
        CableId id = cable.id();
        if (cable.cable().installation().type().isEmpty()) {
            return "Decide the cable's type first: without it there are no cores to join.";
        }
        if (box.ring().joined().isEmpty()) {
            return Text.of("Put its pair where the ring begins and ends in %s.", box.title());
        }
        return box.ring()
                .before(id)
                .map(before -> Text.of(
                        "Open the joint where the ring comes back from %s, and put the pair of %s in series there.",
                        before, id))
                .orElseGet(() -> Text.of(
                        "Open the ring where it begins, before %s, and put the pair of %s in series there.",
                        box.ring().joined().getFirst(), id));
    }
}
