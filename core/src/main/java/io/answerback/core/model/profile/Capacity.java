package io.answerback.core.model.profile;

import io.answerback.core.model.common.Require;

/// How much a panel takes.
///
/// @param zones zones of every sort, wired and wireless
/// @param areas areas
/// @param users user codes
/// @param radioZones how many of the zones may be wireless; 0 for a panel without radio
/// @param addresses bus addresses for modules
/// @param busMilliamps what all that is fed over the keypad bus may take, in milliamps; 0 where that is not known
public record Capacity(int zones, int areas, int users, int radioZones, int addresses, double busMilliamps) {
    /// @throws IllegalArgumentException when a figure is out of bounds
    public Capacity {
        Require.within(zones, 1, 999, "zones of the panel");
        Require.within(areas, 1, 99, "areas of the panel");
        Require.within(users, 1, 9999, "users of the panel");
        Require.within(radioZones, 0, 999, "wireless zones of the panel");
        Require.within(addresses, 0, 255, "bus addresses of the panel");
        Require.within(busMilliamps, 0, 20_000, "current over the bus of the panel in milliamps");
    }
}
