package io.answerback.core.model.site;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.UnusedTermination;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/// One supervised input of the panel or of an expander.
///
/// @param id unique in the job, such as "X1.7"
/// @param module the box it is in, such as "Expander 1"
/// @param number its place in that box, from 1
/// @param zone the zone number it brings
/// @param pointId the point wired to it; empty when it is not used
/// @param unusedFitted what is fitted across it while no point uses it
/// @param shares the input on whose terminals it is read as well, where those tell two zones apart; empty when
///     its terminals are its own
@RecordBuilder
public record Input(
        InputId id,
        ModuleId module,
        int number,
        int zone,
        Optional<PointId> pointId,
        UnusedTermination unusedFitted,
        Optional<InputId> shares)
        implements InputBuilder.With {
    /// @throws IllegalArgumentException when a name is blank or a number is outside 1 to 999
    public Input {
        Require.given(id, "input id");
        Require.given(module, "module of input " + id);
        Require.within(number, 1, 999, "number of input " + id);
        Require.within(zone, 1, 999, "zone of input " + id);
        pointId = pointId == null ? Optional.empty() : pointId;
        Require.given(unusedFitted, "termination of input " + id);
        shares = shares == null ? Optional.empty() : shares;
    }

    /// An input with terminals of its own.
    public static Input of(
            InputId id,
            ModuleId module,
            int number,
            int zone,
            Optional<PointId> pointId,
            UnusedTermination unusedFitted) {
        return new Input(id, module, number, zone, pointId, unusedFitted, Optional.empty());
    }

    /// Whether it is the second zone of another input.
    public boolean second() {
        return shares.isPresent();
    }
}
