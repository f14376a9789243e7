package io.answerback.job;

import java.util.Optional;

/// One supervised input of the panel or of an expander.
///
/// @param id unique in the job, such as "X1.7"
/// @param module the box it is in, such as "Expander 1"
/// @param number its place in that box, from 1
/// @param zone the zone number it brings
/// @param pointId the point wired to it; empty when it is not used
/// @param unusedFitted what is fitted across it while no point uses it
public record Input(
        String id, String module, int number, int zone, Optional<String> pointId, UnusedTermination unusedFitted) {
    /// @throws IllegalArgumentException when a name is blank or a number is outside 1 to 999
    public Input {
        id = Require.text(id, "input id");
        module = Require.text(module, "module of input " + id);
        Require.within(number, 1, 999, "number of input " + id);
        Require.within(zone, 1, 999, "zone of input " + id);
        pointId = pointId == null ? Optional.empty() : pointId;
        Require.given(unusedFitted, "termination of input " + id);
    }

    /// The module and place as a person says it, such as "Expander 1 · 7".
    public String name() {
        return module + " · " + number;
    }

    /// The same input serving another point, or none.
    public Input withPointId(Optional<String> other) {
        return new Input(id, module, number, zone, other, unusedFitted);
    }

    /// The same input with something else fitted while unused.
    public Input withUnusedFitted(UnusedTermination other) {
        return new Input(id, module, number, zone, pointId, other);
    }
}
