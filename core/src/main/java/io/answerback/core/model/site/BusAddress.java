package io.answerback.core.model.site;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.id.ModuleId;
import java.util.Optional;

/// An address a module answers to on the bus.
///
/// @param address the address
/// @param module the module
/// @param area the area it answers for there, as a communicator that listens does; empty for other modules
public record BusAddress(int address, ModuleId module, Optional<Integer> area) {
    /// @throws IllegalArgumentException when the module is not named or a number is out of bounds
    public BusAddress {
        Require.given(module, "module at address " + address);
        Require.within(address, 0, 255, "address of " + module);
        area = area == null ? Optional.empty() : area;
        area.ifPresent(number -> Require.within(number, 1, 99, "area of address " + address));
    }
}
