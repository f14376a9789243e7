package io.answerback.core.model.profile;

import io.answerback.core.model.common.Require;

/// A contact of a supply that opens when something is wrong with it.
///
/// @param fault what it tells
/// @param terminal the terminal it is on, as printed
public record FaultOutput(SupplyFault fault, String terminal) {
    /// @throws IllegalArgumentException when a part is missing
    public FaultOutput {
        Require.given(fault, "what a fault output tells");
        terminal = Require.text(terminal, "terminal of the output for " + fault.words());
    }
}
