package io.answerback.job;

/// A stretch of loop resistance to which a panel gives one meaning. Outside every band nothing is promised.
///
/// @param lowOhms lower edge in ohms, 0 or more, included
/// @param highOhms upper edge in ohms, above `lowOhms`, included; positive infinity when the band has no upper
///     edge
/// @param meaning what the panel concludes inside the band
public record Band(double lowOhms, double highOhms, Meaning meaning) {
    /// @throws IllegalArgumentException when the edges are negative, reversed or not numbers, or the meaning is
    ///     missing
    public Band {
        Require.within(lowOhms, 0, 1e9, "lower band edge in ohms");
        Require.within(highOhms, 0, Double.POSITIVE_INFINITY, "upper band edge in ohms");
        Require.given(meaning, "band meaning");
        if (highOhms <= lowOhms) {
            throw new IllegalArgumentException(
                    "band runs from %s to %s ohms; the upper edge must be the larger".formatted(lowOhms, highOhms));
        }
    }
}
