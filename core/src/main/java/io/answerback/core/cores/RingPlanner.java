package io.answerback.core.cores;

import io.answerback.core.practice.CoreUse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// Joins the tamper pairs of the cables at one place into a ring.
final class RingPlanner {
    private static final CoreNeed OUT = CoreNeed.shared(CoreUse.TAMPER);
    private static final CoreNeed BACK = CoreNeed.shared(CoreUse.TAMPER_RETURN);

    private final Map<String, Coming> joined = new LinkedHashMap<>();
    private final List<String> order = new ArrayList<>();
    private final List<String> leftOut = new ArrayList<>();
    private final Landing begin;
    private final Landing end;

    /// @param coming the cables that go on from the place, in order
    /// @param begin where the ring begins
    /// @param end where it ends
    RingPlanner(List<Coming> coming, Landing begin, Landing end) {
        this.begin = begin;
        this.end = end;
        for (Coming one : coming) {
            if (one.colours() != null && one.colours().forRing()) {
                order.add(one.cable().id());
                boolean can = one.colour(OUT).isPresent() && one.colour(BACK).isPresent();
                if (can && one.cable().laying().inRing()) {
                    joined.put(one.cable().id(), one);
                } else {
                    leftOut.add(one.cable().id());
                }
            }
        }
    }

    TamperRing ring() {
        return new TamperRing(order, leftOut);
    }

    /// Where a core of a cable's tamper pair goes.
    Landing landing(Coming one, CoreUse use) {
        List<Coming> members = List.copyOf(joined.values());
        int at = members.indexOf(one);
        if (at < 0) {
            return new Landing.Nowhere("the tamper ring does not go through it");
        }
        int other = use == CoreUse.TAMPER ? at - 1 : at + 1;
        if (other < 0) {
            return begin;
        }
        return other >= members.size() ? end : Coming.joined(members.get(other), use == CoreUse.TAMPER ? BACK : OUT);
    }

    /// The core that takes the ring back from the last cable; `otherwise` when no cable is joined.
    Landing back(Landing otherwise) {
        return joined.isEmpty()
                ? otherwise
                : Coming.joined(List.copyOf(joined.values()).getLast(), BACK);
    }
}
