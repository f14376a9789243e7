package io.answerback.core.model.profile;

import io.answerback.core.model.common.Require;

/// How far a bus may reach in one conductor, as a row of a maker's table.
///
/// @param ohmsPerKilometre the resistance of the conductor the row is for, in ohms per kilometre at 20 °C
/// @param metres how far a module may be from the board along it, in metres
public record BusReach(double ohmsPerKilometre, double metres) {
    /// @throws IllegalArgumentException when a figure is out of bounds
    public BusReach {
        Require.within(ohmsPerKilometre, 0.1, 2000, "conductor of a bus in ohms per kilometre");
        Require.within(metres, 1, 10_000, "reach of a bus in metres");
    }
}
