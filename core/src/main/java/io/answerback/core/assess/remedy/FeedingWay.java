package io.answerback.core.assess.remedy;

import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyNode;
import io.answerback.core.supply.SupplyState;
import io.answerback.core.supply.SupplyTree;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// The cables over which a part is fed, from the supply on.
///
/// @param module the module with the supply
/// @param cables at least one, that at the part last
record FeedingWay(ModuleId module, List<Cable> cables) {
    FeedingWay {
        cables = List.copyOf(cables);
    }

    /// The way to a part of a job; empty when no supply feeds it over a cable.
    static Optional<FeedingWay> to(Facts facts, FedId part) {
        for (SupplyState state : facts.of(Supplies.FACT).states()) {
            for (SupplyTree tree : state.trees()) {
                List<CableId> ids = new ArrayList<>();
                if (down(tree.inAlarm(), part, ids)) {
                    return Optional.of(new FeedingWay(
                            state.module(),
                            ids.stream().flatMap(id -> facts.cable(id).stream()).toList()));
                }
            }
        }
        return Optional.empty();
    }

    private static boolean down(SupplyNode node, FedId part, List<CableId> ids) {
        node.cableId().ifPresent(ids::add);
        boolean here = node.loads().stream().anyMatch(load -> load.part().equals(part));
        if (here || node.onward().stream().anyMatch(next -> down(next, part, ids))) {
            return true;
        }
        node.cableId().ifPresent(id -> ids.removeLast());
        return false;
    }

    Cable last() {
        return cables.getLast();
    }

    /// Its length, in metres.
    double metres() {
        return cables.stream().mapToDouble(Cable::metres).sum();
    }
}
