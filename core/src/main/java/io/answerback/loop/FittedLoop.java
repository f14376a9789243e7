package io.answerback.loop;

import io.answerback.job.Cable;
import io.answerback.job.LoopWiring;
import io.answerback.job.Point;
import io.answerback.job.Require;

/// Everything that makes one point's loop.
///
/// @param wiring the parts fitted
/// @param contacts how many devices share the loop, 1 or more: in series where contacts open, side by side
///     where they close
/// @param relays whether the contacts are relays of detectors that have a supply of their own, and drop
///     without it
/// @param cable the pair to the device
public record FittedLoop(LoopWiring wiring, int contacts, boolean relays, Cable cable) {
    /// @throws IllegalArgumentException when a part is missing or there is no contact
    public FittedLoop {
        Require.given(wiring, "parts of a loop");
        Require.within(contacts, 1, 999, "contacts on a loop");
        Require.given(cable, "cable of a loop");
    }

    /// The loop of one bare contact.
    public static FittedLoop of(LoopWiring wiring, Cable cable) {
        return new FittedLoop(wiring, 1, false, cable);
    }

    /// The loop of a point.
    public static FittedLoop of(Point point, Cable cable) {
        boolean relays = point.kind().powering().isPresent() && !point.kind().twoWire();
        return new FittedLoop(point.loop(), Math.max(1, point.inSeries().size()), relays, cable);
    }

    /// The same loop with other parts.
    public FittedLoop withWiring(LoopWiring other) {
        return new FittedLoop(other, contacts, relays, cable);
    }

    /// The same loop on another cable.
    public FittedLoop withCable(Cable other) {
        return new FittedLoop(wiring, contacts, relays, other);
    }

    /// How its parts are put together.
    public LoopScheme scheme() {
        return LoopScheme.of(wiring.scheme());
    }

    LoopPart resistor(double markedOhms) {
        return new LoopPart.Resistor(markedOhms, wiring.tolerancePercent());
    }
}
