package io.answerback.core.model.cable;

import io.answerback.core.model.common.Require;
import java.time.Instant;

/// An end of a core that was put under its terminal or into its joint.
///
/// @param end which end
/// @param colour the core
/// @param where where it was put, such as "input 7" or "joins C-16 blue"
/// @param at when
public record TerminatedCore(CableEnd end, String colour, String where, Instant at) {
    /// @throws IllegalArgumentException when a part is missing
    public TerminatedCore {
        end = end == null ? CableEnd.NEAR : end;
        colour = Require.text(colour, "colour of a terminated core");
        where = Require.text(where, "place of the terminated core " + colour);
        Require.given(at, "time of the terminated core " + colour);
    }

    /// Whether it is this end of this core.
    public boolean is(CableEnd which, String core) {
        return end == which && colour.equals(core);
    }
}
