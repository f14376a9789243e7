package io.answerback.core.supply;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.LoadType;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.FedId;
import io.answerback.core.supply.battery.LeadAcid;
import java.util.List;
import java.util.Optional;

/// A place in a supply tree: the cable that comes to it, what hangs there, and what goes on.
///
/// @param name what it is called
/// @param cableId the cable that comes to it; empty at the output itself
/// @param ohms there and back along that cable, in ohms
/// @param loads what is fed there
/// @param onward the places further on
public record SupplyNode(
        String name, Optional<CableId> cableId, double ohms, List<Load> loads, List<SupplyNode> onward) {
    /// Something that is fed.
    ///
    /// @param part the point or module
    /// @param loadType how its current depends on its voltage
    /// @param amps what it takes at 12 V, in amperes
    public record Load(FedId part, LoadType loadType, double amps) {
        /// @throws IllegalArgumentException when the current is negative or beyond sense
        public Load {
            Require.within(amps, 0, 1000, Text.of("current of %s in amperes", part));
        }

        /// Its current at a voltage, in amperes.
        double ampsAt(double volts) {
            return switch (loadType) {
                case CONSTANT_CURRENT -> amps;
                case CONSTANT_POWER -> amps * LeadAcid.NOMINAL_VOLTS / volts;
                case RESISTIVE -> amps * volts / LeadAcid.NOMINAL_VOLTS;
            };
        }

        /// How its current changes with the voltage, in amperes per volt.
        double slopeAt(double volts) {
            return switch (loadType) {
                case CONSTANT_CURRENT -> 0;
                case CONSTANT_POWER -> -amps * LeadAcid.NOMINAL_VOLTS / (volts * volts);
                case RESISTIVE -> amps / LeadAcid.NOMINAL_VOLTS;
            };
        }
    }

    /// @throws IllegalArgumentException when the resistance is negative or beyond sense
    public SupplyNode {
        Require.within(ohms, 0, 1e7, Text.of("resistance to %s in ohms", name));
        loads = List.copyOf(loads);
        onward = List.copyOf(onward);
    }

    /// The same where one part takes another current, in amperes at 12 V.
    SupplyNode taking(FedId part, double amps) {
        return new SupplyNode(
                name,
                cableId,
                ohms,
                loads.stream()
                        .map(load -> load.part().equals(part) ? new Load(part, load.loadType(), amps) : load)
                        .toList(),
                onward.stream().map(next -> next.taking(part, amps)).toList());
    }

    /// Everything it takes at 12 V, in amperes.
    public double amps() {
        return loads.stream().mapToDouble(Load::amps).sum()
                + onward.stream().mapToDouble(SupplyNode::amps).sum();
    }
}
