package io.answerback.core.site;

import io.answerback.core.common.Require;

/// The unit that carries events out of the building.
///
/// @param name what it is called on this site
/// @param ip its IP route
public record Communicator(String name, IpRoute ip) {
    /// @throws IllegalArgumentException when the name is blank or the route missing
    public Communicator {
        name = Require.text(name, "communicator name");
        Require.given(ip, "IP route");
    }
}
