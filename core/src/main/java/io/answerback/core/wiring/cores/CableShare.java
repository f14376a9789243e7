package io.answerback.core.wiring.cores;

import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.CoreUse;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/// What one cable is to carry.
///
/// @param needs a need for each of its cores, what it can least do without first
/// @param loops the points whose loops run through it, those behind a joint box included
/// @param uses what its cores are for
record CableShare(List<CoreNeed> needs, List<PointId> loops, Set<CoreUse> uses) {
    /// The share of a cable that carries nothing.
    static final CableShare NOTHING = new CableShare(List.of(), List.of());

    CableShare(List<CoreNeed> needs, List<PointId> loops) {
        this(needs, loops, uses(needs));
    }

    private static Set<CoreUse> uses(List<CoreNeed> needs) {
        Set<CoreUse> uses = EnumSet.noneOf(CoreUse.class);
        needs.forEach(need -> uses.add(need.use()));
        return uses;
    }

    boolean carries(CoreUse use) {
        return uses.contains(use);
    }
}
