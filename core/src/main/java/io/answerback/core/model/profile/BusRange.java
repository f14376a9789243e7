package io.answerback.core.model.profile;

import io.answerback.core.model.common.Require;
import java.util.List;

/// The addresses kinds of module can have, and the zones they bring there. A module at the least address brings
/// the first zones, one at the next address those that follow.
///
/// @param kinds the kinds of module, by id
/// @param leastAddress the lowest address; 0 for modules without one, such as the board
/// @param mostAddress the highest address; 0 for modules without one
/// @param firstZone the zone of the first input at the lowest address
/// @param zonesEach how many zones one module brings; 0 for modules without inputs
public record BusRange(List<String> kinds, int leastAddress, int mostAddress, int firstZone, int zonesEach) {
    /// @throws IllegalArgumentException when no kind is named or a figure is out of bounds
    public BusRange {
        kinds = List.copyOf(Require.given(kinds, "kinds of an address range"));
        if (kinds.isEmpty()) {
            throw new IllegalArgumentException("an address range names no kind of module; say which it is for");
        }
        Require.within(leastAddress, 0, 255, "lowest address of " + kinds);
        Require.within(mostAddress, leastAddress, 255, "highest address of " + kinds);
        Require.within(firstZone, zonesEach == 0 ? 0 : 1, 999, "first zone of " + kinds);
        Require.within(zonesEach, 0, 64, "zones of each of " + kinds);
    }

    /// Whether modules of this range have no address.
    public boolean offTheBus() {
        return mostAddress == 0;
    }

    /// Whether it has an address.
    public boolean holds(int address) {
        return address >= leastAddress && address <= mostAddress;
    }

    /// The last zone a module of this range can bring; one less than the first where they bring none.
    public int lastZone() {
        return firstZone + (mostAddress - leastAddress + 1) * zonesEach - 1;
    }
}
