package io.answerback.core.power;

import io.answerback.core.common.Require;
import io.answerback.core.common.Text;
import io.answerback.core.id.ModuleId;
import io.answerback.core.id.PointId;
import io.answerback.core.profile.SupplyFault;

/// A point that tells when something is wrong with a supply that stands elsewhere.
///
/// @param module the module with the supply
/// @param fault what it tells
/// @param pointId the point
public record SupplyWatch(ModuleId module, SupplyFault fault, PointId pointId) {
    /// @throws IllegalArgumentException when a part is missing
    public SupplyWatch {
        Require.given(module, "supply that is watched");
        Require.given(fault, "fault that is watched at " + module);
        Require.given(pointId, "point that watches " + module);
    }

    /// Its name among others of the same job.
    String key() {
        return Text.of("%s, %s", module, fault.words());
    }
}
