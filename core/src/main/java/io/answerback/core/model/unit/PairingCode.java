package io.answerback.core.model.unit;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import java.time.Duration;
import java.time.Instant;

/// A one-time code for pairing an application, as long as it is good. The code itself is never known here, and
/// nothing of it is kept in a job.
///
/// @param shownAt when the panel showed it
/// @param minutes for how long it is good
public record PairingCode(Instant shownAt, int minutes) {
    private static final int SECONDS_A_MINUTE = 60;

    /// @throws IllegalArgumentException when it is good for less than a minute
    public PairingCode {
        Require.given(shownAt, "time at which the one-time code was shown");
        if (minutes < 1) {
            throw new IllegalArgumentException("a one-time code is good for a minute at least");
        }
    }

    /// The whole seconds it is still good for; 0 once it is over.
    public long secondsLeft(Instant now) {
        return Math.max(0, Duration.between(now, ends()).toSeconds());
    }

    /// When it is over.
    public Instant ends() {
        return shownAt.plusSeconds((long) minutes * SECONDS_A_MINUTE);
    }

    /// Whether it is over.
    public boolean over(Instant now) {
        return !now.isBefore(ends());
    }

    /// How long it is still good for, such as "9:42".
    public String left(Instant now) {
        long seconds = secondsLeft(now);
        return Text.of("%d:%02d", seconds / SECONDS_A_MINUTE, seconds % SECONDS_A_MINUTE);
    }
}
