package io.answerback.desktop.power;

import io.answerback.core.capacity.SupplyWatchEdits;
import io.answerback.core.device.PointKind;
import io.answerback.core.id.ModuleId;
import io.answerback.core.profile.Conductor;
import io.answerback.core.profile.SupplyFault;
import io.answerback.core.site.Edit;
import io.answerback.core.survey.KindCatalogue;

/// What a new point for a fault output of a supply is made of.
///
/// @param kind the kind of point
/// @param conductor the conductor of its cable
public record FaultPoint(PointKind kind, Conductor conductor) {
    private static final String KIND = "technical-input";

    /// A volt-free contact of equipment.
    ///
    /// @throws IllegalArgumentException when no such kind is there
    public static FaultPoint among(KindCatalogue kinds, Conductor conductor) {
        return kinds.byId(KIND)
                .map(entry -> new FaultPoint(entry.kind(), conductor))
                .orElseThrow(() -> new IllegalArgumentException("no kind of point is called " + KIND));
    }

    Edit watching(ModuleId module, SupplyFault fault) {
        return SupplyWatchEdits.watch(module, fault, kind, conductor);
    }
}
