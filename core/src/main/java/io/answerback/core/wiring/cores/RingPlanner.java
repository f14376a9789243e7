package io.answerback.core.wiring.cores;

import io.answerback.core.model.id.CableId;
import io.answerback.core.model.practice.CoreUse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// Joins the tamper pairs of the cables at one place into a ring.
final class RingPlanner {
    private static final CoreNeed OUT = CoreNeed.shared(CoreUse.TAMPER);
    private static final CoreNeed BACK = CoreNeed.shared(CoreUse.TAMPER_RETURN);

    private final Map<CableId, ConnectedEnd> joined = new LinkedHashMap<>();
    private final List<CableId> order = new ArrayList<>();
    private final List<CableId> leftOut = new ArrayList<>();
    private final CoreTermination begin;
    private final CoreTermination end;

    /// @param coming the cables that go on from the place, in order
    /// @param begin where the ring begins
    /// @param end where it ends
    RingPlanner(List<ConnectedEnd> coming, CoreTermination begin, CoreTermination end) {
        this.begin = begin;
        this.end = end;
        for (ConnectedEnd one : coming) {
            if (one.colours() != null && one.colours().forRing()) {
                order.add(one.cable().id());
                boolean can = one.colour(OUT).isPresent() && one.colour(BACK).isPresent();
                if (can && one.cable().installation().inRing()) {
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
    CoreTermination termination(ConnectedEnd one, CoreUse use) {
        List<ConnectedEnd> members = List.copyOf(joined.values());
        int at = members.indexOf(one);
        if (at < 0) {
            return new CoreTermination.Nowhere("the tamper ring does not go through it");
        }
        int other = use == CoreUse.TAMPER ? at - 1 : at + 1;
        if (other < 0) {
            return begin;
        }
        return other >= members.size()
                ? end
                : ConnectedEnd.joined(members.get(other), use == CoreUse.TAMPER ? BACK : OUT);
    }

    /// The core that takes the ring back from the last cable; `otherwise` when no cable is joined.
    CoreTermination back(CoreTermination otherwise) {
        return joined.isEmpty()
                ? otherwise
                : ConnectedEnd.joined(List.copyOf(joined.values()).getLast(), BACK);
    }
}
