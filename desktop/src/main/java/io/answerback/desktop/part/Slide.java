package io.answerback.desktop.part;

import java.util.Optional;
import java.util.function.DoubleConsumer;

/// A figure that is moved along a line to see what would follow.
///
/// @param name what is moved; it tells sliders apart
/// @param least the figure at the left end
/// @param most the figure at the right end
/// @param width in pixels at 100 % text
/// @param stretch where it works on the line; empty where that is not shown
/// @param moved takes the figure while it is moved
/// @param back puts it back to where it was, on Escape
public record Slide(
        String name,
        double least,
        double most,
        double value,
        double width,
        Optional<Stretch> stretch,
        DoubleConsumer moved,
        Runnable back)
        implements Part {
    /// The stretch of the line on which something works.
    ///
    /// @param givesAt where it no longer works, as a share of the line from the left
    /// @param planned where the plan stands, as a share of the line from the left
    public record Stretch(double givesAt, double planned) {}
}
