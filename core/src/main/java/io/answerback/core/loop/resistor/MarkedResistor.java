package io.answerback.core.loop.resistor;

import io.answerback.core.model.common.Require;
import java.util.OptionalInt;

/// What the bands of a resistor say.
///
/// @param ohms its value, in ohms
/// @param tolerancePercent its tolerance, in percent either way
/// @param partsPerMillion its temperature coefficient per kelvin; empty when no band says it
public record MarkedResistor(double ohms, double tolerancePercent, OptionalInt partsPerMillion) {
    /// @throws IllegalArgumentException when a figure is out of bounds
    public MarkedResistor {
        Require.within(ohms, 0, 1e12, "resistor in ohms");
        Require.within(tolerancePercent, 0, 20, "tolerance in percent");
    }
}
