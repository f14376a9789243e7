package io.answerback.core.model.profile;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;

/// A stretch of loop resistance, or of input voltage, to which a panel gives one meaning. Outside every band
/// nothing is promised.
///
/// @param low lower edge, 0 or more, included
/// @param high upper edge, above `low`, included; positive infinity when the band has no upper edge
/// @param unit what the edges are in
/// @param meaning what the panel concludes inside the band
public record Band(double low, double high, BandUnit unit, Meaning meaning) {
    /// @throws IllegalArgumentException when the edges are negative, reversed or not numbers, or the unit or
    ///     meaning is missing
    public Band {
        Require.given(unit, "band unit");
        Require.within(low, 0, 1e9, "lower band edge in " + unit.symbol());
        Require.within(high, 0, Double.POSITIVE_INFINITY, "upper band edge in " + unit.symbol());
        Require.given(meaning, "band meaning");
        if (high <= low) {
            throw new IllegalArgumentException(
                    Text.of("band runs from %s to %s %s; the upper edge must be the larger", low, high, unit.symbol()));
        }
    }

    /// A band in ohms.
    public Band(double lowOhms, double highOhms, Meaning meaning) {
        this(lowOhms, highOhms, BandUnit.OHMS, meaning);
    }

    /// A band in volts.
    public static Band ofVolts(double lowVolts, double highVolts, Meaning meaning) {
        return new Band(lowVolts, highVolts, BandUnit.VOLTS, meaning);
    }
}
