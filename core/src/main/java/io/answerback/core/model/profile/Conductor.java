package io.answerback.core.model.profile;

import io.answerback.core.model.common.Require;

/// One copper core of a cable. Its resistance is data, not computed from its size: 0.22 mm² is counted with
/// 92 Ω/km, on the safe side of copper of exactly that size (78 Ω/km at 20 °C).
///
/// @param name its size as it is printed on the reel, such as "0.22 mm²"
/// @param ohmsPerKilometre resistance of one core at 20 °C, in ohms per kilometre
public record Conductor(String name, double ohmsPerKilometre) {
    /// @throws IllegalArgumentException when the name is blank or the figure is outside 0.1 to 2000 Ω/km
    public Conductor {
        name = Require.text(name, "conductor name");
        Require.within(ohmsPerKilometre, 0.1, 2000, "conductor resistance in ohms per kilometre");
    }
}
