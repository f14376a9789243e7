package io.answerback.core.model.shown;

import io.answerback.core.model.common.Require;
import java.util.Locale;

/// A figure that was measured when a line was shown.
///
/// @param of what was measured
/// @param figure how much, in the unit of what was measured: above 0, at most [LineFigure#most()]
public record Measured(LineFigure of, double figure) {
    /// @throws IllegalArgumentException when nothing is said to have been measured, or the figure is out of bounds
    public Measured {
        Require.given(of, "what was measured");
        Require.within(
                figure, Double.MIN_NORMAL, of.most(), of.name().toLowerCase(Locale.ROOT) + " that were measured");
    }

    /// Such as "104 dB(A)".
    public String words() {
        return of.words(figure);
    }
}
