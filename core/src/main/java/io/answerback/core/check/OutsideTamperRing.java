package io.answerback.core.check;

import io.answerback.core.cores.BoxPlan;
import io.answerback.core.cores.CableCores;
import java.util.stream.Stream;

/// A cover the tamper ring should go through and does not.
final class OutsideTamperRing implements JobRule {
    static final String RULE = "outside-ring";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.cores().boxes().stream()
                .flatMap(box -> box.ring().leftOut().stream()
                        .flatMap(id -> box.cable(id).stream())
                        .map(cable -> finding(box, cable)));
    }

    private static Finding finding(BoxPlan box, CableCores cable) {
        String id = cable.cable().id();
        return Finding.of(
                RULE,
                Grade.WRONG,
                cable.cable(),
                "%s is outside the tamper ring".formatted(id),
                "Nobody would notice a cover off, or %s cut.".formatted(id),
                mend(box, cable));
    }

    private static String mend(BoxPlan box, CableCores cable) {
        String id = cable.id();
        if (cable.cable().laying().type().isEmpty()) {
            return "Decide the cable's type first: without it there are no cores to join.";
        }
        if (box.ring().joined().isEmpty()) {
            return "Put its pair where the ring begins and ends in %s.".formatted(box.title());
        }
        return box.ring()
                .before(id)
                .map(before ->
                        "Open the joint where the ring comes back from %s, and put the pair of %s in series there."
                                .formatted(before, id))
                .orElseGet(() -> "Open the ring where it begins, before %s, and put the pair of %s in series there."
                        .formatted(box.ring().joined().getFirst(), id));
    }
}
