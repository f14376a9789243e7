package io.answerback.core.model.service;

import io.answerback.core.model.common.Require;
import java.time.Instant;

/// That something was looked at before the site was left.
///
/// @param id what was looked at
/// @param by who looked, as initials
/// @param at when
public record LeavingTick(String id, String by, Instant at) {
    /// @throws IllegalArgumentException when nothing, nobody or no time is named
    public LeavingTick {
        id = Require.text(id, "what was looked at before leaving");
        by = Require.text(by, "who looked at " + id);
        Require.given(at, "when " + id + " was looked at");
    }
}
