package io.answerback.core.survey.capacity;

import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.profile.SupplyFault;
import io.answerback.core.model.site.Edit;
import io.answerback.core.survey.KindCatalogue;
import java.util.Optional;

/// What a new point for a fault output of a supply is made of.
///
/// @param kind the kind of point
/// @param conductor the conductor of its cable unless somebody says otherwise
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

    /// The edit that brings a fault of a supply to a new point.
    public Edit watching(ModuleId module, SupplyFault fault) {
        return SupplyWatchEdits.watch(module, fault, kind, conductor, Optional.empty());
    }
}
