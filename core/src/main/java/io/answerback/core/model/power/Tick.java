package io.answerback.core.model.power;

import io.answerback.core.model.common.Require;
import java.time.Instant;

/// A step of a check-run that was done.
///
/// @param step the step
/// @param at when
public record Tick(String step, Instant at) {
    /// @throws IllegalArgumentException when the step is not named or the time missing
    public Tick {
        step = Require.text(step, "step that was done");
        Require.given(at, "time of step " + step);
    }
}
