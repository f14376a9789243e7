package io.answerback.core.model.power;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.SupplyFault;

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
