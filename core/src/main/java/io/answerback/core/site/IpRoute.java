package io.answerback.core.site;

import io.answerback.core.common.Require;

/// How the communicator sends over IP.
///
/// @param attempts tries at each receiver, 1 to 20
/// @param timeoutMillis how long one try waits for an answer, in milliseconds, 50 to 120 000
public record IpRoute(int attempts, int timeoutMillis) {
    /// @throws IllegalArgumentException when a figure is out of bounds
    public IpRoute {
        Require.within(attempts, 1, 20, "attempts");
        Require.within(timeoutMillis, 50, 120_000, "answer time-out in milliseconds");
    }

    /// How long it takes at the most until the last of so many receivers has been tried for the last time, in
    /// seconds.
    public double longestSeconds(int receivers) {
        return receivers * attempts * timeoutMillis / 1000.0;
    }
}
