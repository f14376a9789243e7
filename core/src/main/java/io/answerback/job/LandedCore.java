package io.answerback.job;

import java.time.Instant;

/// A core that was put under its terminal or into its joint.
///
/// @param colour the core
/// @param where where it was put, such as "input 7" or "joins C-16 blue"
/// @param at when
public record LandedCore(String colour, String where, Instant at) {
    /// @throws IllegalArgumentException when a part is missing
    public LandedCore {
        colour = Require.text(colour, "colour of a landed core");
        where = Require.text(where, "place of the landed core " + colour);
        Require.given(at, "time of the landed core " + colour);
    }
}
