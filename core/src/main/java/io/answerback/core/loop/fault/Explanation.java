package io.answerback.core.loop.fault;

import java.util.Optional;

/// One cause with how likely it is.
///
/// @param cause the cause
/// @param probability from 0 to 1
/// @param value where its free value lies, nine times in ten; empty when it has none
/// @param near whether it rather lies before a joint half way than beyond; empty when that was not measured or
///     does not matter to it
public record Explanation(Cause cause, double probability, Optional<Stretch> value, Optional<Boolean> near) {
    /// A stretch of values in the cause's own unit.
    ///
    /// @param low its lower end
    /// @param likeliest the likeliest value
    /// @param high its upper end
    public record Stretch(double low, double likeliest, double high) {}
}
