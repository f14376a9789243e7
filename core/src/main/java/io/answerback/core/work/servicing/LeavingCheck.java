package io.answerback.core.work.servicing;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.common.Require;

/// Something that is looked at before the site is left.
///
/// @param id what it is known by
/// @param title what it is
/// @param mark whether it is well, open, or wrong
/// @param says how it stands, in words
/// @param byEye whether somebody has to look and say so; false where the job says it
public record LeavingCheck(String id, String title, Mark mark, String says, boolean byEye) {
    /// @throws IllegalArgumentException when a part is missing
    public LeavingCheck {
        id = Require.text(id, "id of what is looked at before leaving");
        title = Require.text(title, "title of " + id);
        Require.given(mark, "mark of " + id);
    }

    /// Whether nothing is left to do about it.
    public boolean well() {
        return mark == Mark.SOUND;
    }
}
