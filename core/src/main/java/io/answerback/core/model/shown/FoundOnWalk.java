package io.answerback.core.model.shown;

import io.answerback.core.model.common.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;

/// Something that a live walk found wrong. It stays with the job until its line is shown on the real panel, or
/// somebody dismisses it with a reason; what was dismissed stays on record with that reason.
///
/// @param lineId the line of the acceptance plan it is about; blank where it is about none, such as a signal of
///     another site
/// @param by who walked
/// @param at when it was found
/// @param says what is wrong, in one sentence
/// @param came the signal that came, in words; blank where the fault is that none did
/// @param expected what had to come, in words; blank where nothing was expected
/// @param dismissed why it was dismissed; blank while it stands
@RecordBuilder
public record FoundOnWalk(
        String lineId, String by, Instant at, String says, String came, String expected, String dismissed)
        implements FoundOnWalkBuilder.With {
    /// @throws IllegalArgumentException when nobody, no time or nothing found is named
    public FoundOnWalk {
        lineId = lineId == null ? "" : lineId.strip();
        by = Require.text(by, "who found something on a walk");
        Require.given(at, "when something was found on a walk");
        says = Require.text(says, "what was found on a walk");
        came = came == null ? "" : came.strip();
        expected = expected == null ? "" : expected.strip();
        dismissed = dismissed == null ? "" : dismissed.strip();
    }

    /// Whether nothing was done about it yet.
    public boolean stands() {
        return dismissed.isEmpty();
    }

    /// Whether this is the same finding, made again.
    boolean same(FoundOnWalk other) {
        return lineId.equals(other.lineId) && (!lineId.isEmpty() || says.equals(other.says) && came.equals(other.came));
    }

    /// The same, dismissed.
    ///
    /// @throws IllegalArgumentException when no reason is given
    public FoundOnWalk dismissedBecause(String reason) {
        return new FoundOnWalk(
                lineId, by, at, says, came, expected, Require.text(reason, "why what the walk found is dismissed"));
    }
}
