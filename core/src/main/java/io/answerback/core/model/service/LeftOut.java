package io.answerback.core.model.service;

import io.answerback.core.model.common.Require;

/// Something that was not done on a visit.
///
/// @param what what it is
/// @param why why not
public record LeftOut(String what, String why) {
    /// @throws IllegalArgumentException when either is blank
    public LeftOut {
        what = Require.text(what, "what was left out");
        why = Require.text(why, "why \"" + what + "\" was left out");
    }
}
