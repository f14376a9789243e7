package io.answerback.core.model.service;

import io.answerback.core.model.common.Require;

/// A part that was used on a visit.
///
/// @param what what it is, such as "resistor 4.7 kΩ"
/// @param quantity how much of it, above 0
/// @param unit in which unit, such as "m"; "pieces" for what is counted
public record PartUsed(String what, double quantity, String unit) {
    private static final double MOST = 100_000;

    /// @throws IllegalArgumentException when nothing is named, or the quantity is out of bounds
    public PartUsed {
        what = Require.text(what, "part that was used");
        Require.within(quantity, Double.MIN_NORMAL, MOST, "quantity of " + what);
        unit = Require.text(unit, "unit of " + what);
    }
}
