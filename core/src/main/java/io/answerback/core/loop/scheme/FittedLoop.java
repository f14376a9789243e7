package io.answerback.core.loop.scheme;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.common.Require;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.core.model.site.Point;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/// Everything that makes one point's loop.
///
/// @param wiring the parts fitted
/// @param contacts how many devices share the loop, 1 or more: in series where contacts open, side by side
///     where they close
/// @param powered how many of them take a supply, and drop out with it
/// @param supplyLoss what it does when its detectors lose their supply
/// @param cable the pair to the device
@RecordBuilder
public record FittedLoop(LoopWiring wiring, int contacts, int powered, SupplyLoss supplyLoss, Cable cable)
        implements FittedLoopBuilder.With {
    /// @throws IllegalArgumentException when a part is missing, there is no contact, or more take a supply than
    ///     there are
    public FittedLoop {
        Require.given(wiring, "parts of a loop");
        Require.within(contacts, 1, 999, "contacts on a loop");
        Require.within(powered, 0, contacts, "powered detectors on a loop");
        Require.given(supplyLoss, "what a loop does without supply");
        Require.given(cable, "cable of a loop");
    }

    /// The loop of devices that are all alike: all of them take a supply, or none.
    public FittedLoop(LoopWiring wiring, int contacts, SupplyLoss supplyLoss, Cable cable) {
        this(wiring, contacts, supplyLoss == SupplyLoss.NO_SUPPLY ? 0 : contacts, supplyLoss, cable);
    }

    /// The loop of one volt-free contact.
    public static FittedLoop of(LoopWiring wiring, Cable cable) {
        return new FittedLoop(wiring, 1, SupplyLoss.NO_SUPPLY, cable);
    }

    /// The loop of a point.
    public static FittedLoop of(Point point, Cable cable) {
        return new FittedLoop(
                point.loop(), point.kinds().size(), SupplyLoss.powered(point).size(), SupplyLoss.of(point), cable);
    }

    /// How many of its alarm contacts have changed.
    int activeContacts(DeviceState device) {
        if (device == DeviceState.UNPOWERED) {
            return supplyLoss == SupplyLoss.CONTACT_STAYS ? 0 : powered;
        }
        return device.activeContacts(contacts);
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
