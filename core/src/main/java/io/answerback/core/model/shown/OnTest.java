package io.answerback.core.model.shown;

import io.answerback.core.model.common.Require;
import java.time.Instant;

/// That the account is on test at the real station, so that nobody is sent while alarms are shown.
///
/// @param told who at the station was told
/// @param reference by which they know it again; empty for none
/// @param until when it ends by itself
public record OnTest(String told, String reference, Instant until) {
    private static final long SOON_SECONDS = 600;

    /// @throws IllegalArgumentException when nobody was told, or its end is missing
    public OnTest {
        told = Require.text(told, "who was told that the account is on test");
        reference = reference == null ? "" : reference.strip();
        Require.given(until, "end of the test");
    }

    /// Whether it has ended by itself, so that alarms send people out again.
    public boolean over(Instant now) {
        return !now.isBefore(until);
    }

    /// Whether it ends within ten minutes, or has ended.
    public boolean endsSoon(Instant now) {
        return over(now.plusSeconds(SOON_SECONDS));
    }
}
