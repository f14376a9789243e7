package io.answerback.core.wiring.cores;

import io.answerback.core.model.id.CableId;
import java.util.List;
import java.util.Optional;

/// The tamper ring of one box: from one terminal through every cover in turn to the other.
///
/// @param order the cables it should go through, in order
/// @param leftOut those of them it does not go through
public record TamperRing(List<CableId> order, List<CableId> leftOut) {
    /// The ring of a place that has none.
    static final TamperRing NONE = new TamperRing(List.of(), List.of());

    public TamperRing {
        order = List.copyOf(order);
        leftOut = List.copyOf(leftOut);
    }

    /// The cables it goes through, in order.
    public List<CableId> joined() {
        return order.stream().filter(id -> !leftOut.contains(id)).toList();
    }

    /// The cable it goes through before the place where another belongs; empty where that belongs at its
    /// beginning.
    public Optional<CableId> before(CableId cableId) {
        return order.subList(0, Math.max(0, order.indexOf(cableId))).reversed().stream()
                .filter(id -> !leftOut.contains(id))
                .findFirst();
    }

    /// Whether any cover is to be watched by it.
    public boolean wanted() {
        return !order.isEmpty();
    }
}
