package io.answerback.core.wiring.cores;

import io.answerback.core.model.id.CableId;

/// Where the box end of a core goes.
public sealed interface CoreTermination {
    /// Under a terminal.
    ///
    /// @param terminal its place on the strip, from 0
    /// @param throughBlock whether it gets there through a connector block, because the terminal does not hold
    ///     all the cores that belong to it
    record Under(int terminal, boolean throughBlock) implements CoreTermination {}

    /// Joined to a core of another cable.
    ///
    /// @param cableId the other cable
    /// @param colour the core of it
    record Joined(CableId cableId, String colour) implements CoreTermination {}

    /// Kept for later.
    record FoldedBack() implements CoreTermination {}

    /// There is nowhere to go.
    ///
    /// @param why why not, as a clause
    record Nowhere(String why) implements CoreTermination {}
}
