package io.answerback.core.scheme;

import io.answerback.core.cable.Cable;
import io.answerback.core.common.Require;
import io.answerback.core.site.LoopWiring;
import io.answerback.core.site.Point;
import java.util.List;

/// Everything that makes one point's loop.
///
/// @param wiring the parts fitted
/// @param contacts how many devices share the loop, 1 or more: in series where contacts open, side by side
///     where they close
/// @param supplyLoss what it does when its detectors lose their supply
/// @param cable the pair to the device
public record FittedLoop(LoopWiring wiring, int contacts, SupplyLoss supplyLoss, Cable cable) {
    /// @throws IllegalArgumentException when a part is missing or there is no contact
    public FittedLoop {
        Require.given(wiring, "parts of a loop");
        Require.within(contacts, 1, 999, "contacts on a loop");
        Require.given(supplyLoss, "what a loop does without supply");
        Require.given(cable, "cable of a loop");
    }

    /// The loop of one volt-free contact.
    public static FittedLoop of(LoopWiring wiring, Cable cable) {
        return new FittedLoop(wiring, 1, SupplyLoss.NO_SUPPLY, cable);
    }

    /// The loop of a point.
    public static FittedLoop of(Point point, Cable cable) {
        return new FittedLoop(point.loop(), Math.max(1, point.inSeries().size()), SupplyLoss.of(point), cable);
    }

    /// The same loop with other parts.
    public FittedLoop withWiring(LoopWiring other) {
        return new FittedLoop(other, contacts, supplyLoss, cable);
    }

    /// The same loop on another cable.
    public FittedLoop withCable(Cable other) {
        return new FittedLoop(wiring, contacts, supplyLoss, other);
    }

    /// How many of its alarm contacts have changed.
    int activeContacts(DeviceState device) {
        boolean stays = device == DeviceState.UNPOWERED && supplyLoss == SupplyLoss.CONTACT_STAYS;
        return stays ? 0 : device.activeContacts(contacts);
    }

    /// Whether the first contact, or one of several, is other than at rest.
    public boolean firstChanged(DeviceState device) {
        return activeContacts(device) > 0;
    }

    /// The device states that its values and its cable decide: all but the loss of a supply that no contact
    /// shows, which no other value would mend.
    public List<LoopCase> statesToTell() {
        return scheme().deviceStates(this).stream()
                .filter(device -> device != DeviceState.UNPOWERED || supplyLoss != SupplyLoss.CONTACT_STAYS)
                .map(LoopCase::sound)
                .toList();
    }

    /// How its parts are put together.
    public LoopScheme scheme() {
        return LoopScheme.of(wiring.scheme());
    }

    public LoopPart resistor(double markedOhms) {
        return new LoopPart.Resistor(markedOhms, wiring.tolerancePercent());
    }
}
