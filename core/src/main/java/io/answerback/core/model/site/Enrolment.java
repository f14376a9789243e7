package io.answerback.core.model.site;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.InputId;

/// A wireless device or an input of a converter that the panel has enrolled.
///
/// @param inputId the input it is planned for
/// @param zone the zone the panel gave it
public record Enrolment(InputId inputId, int zone) {
    /// @throws IllegalArgumentException when the input is not named or the zone out of bounds
    public Enrolment {
        Require.given(inputId, "input that is enrolled");
        Require.within(zone, 1, 999, Text.of("zone under which %s is enrolled", inputId));
    }
}
