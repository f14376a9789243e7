package io.answerback.core.wiring.cores;

import io.answerback.core.model.practice.CoreUse;

/// One core of a cable, seen from one of its ends.
///
/// @param colour its colour
/// @param need what it is for
/// @param termination where this end of it goes
public record PlannedCore(String colour, CoreNeed need, CoreTermination termination) {
    /// What it is for.
    public CoreUse use() {
        return need.use();
    }
}
