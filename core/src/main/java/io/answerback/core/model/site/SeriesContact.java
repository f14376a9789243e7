package io.answerback.core.model.site;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.device.PointKind;

/// One contact of several that share a point's loop, as old installations have them.
///
/// @param name what and where, such as "Landing window"
/// @param kind what sort of thing it is
public record SeriesContact(String name, PointKind kind) {
    /// @throws IllegalArgumentException when the name is blank or the kind missing
    public SeriesContact {
        name = Require.text(name, "name of a contact in series");
        Require.given(kind, "kind of contact " + name);
    }
}
