package io.answerback.core.site;

import io.answerback.core.common.Require;
import io.answerback.core.id.ReceiverId;
import java.util.List;

/// How the communicator sends over IP.
///
/// @param receiverIds receivers in the order they are tried
/// @param attempts tries at each receiver, 1 to 20
/// @param timeoutMillis how long one try waits for an answer, in milliseconds, 50 to 120 000
public record IpRoute(List<ReceiverId> receiverIds, int attempts, int timeoutMillis) {
    /// @throws IllegalArgumentException when a figure is out of bounds
    public IpRoute {
        receiverIds = List.copyOf(receiverIds);
        Require.within(attempts, 1, 20, "attempts");
        Require.within(timeoutMillis, 50, 120_000, "answer time-out in milliseconds");
    }

    /// How long it takes at the most until the last receiver has answered its last try, in seconds; 0 without a
    /// receiver.
    public double longestSeconds() {
        return receiverIds.size() * attempts * timeoutMillis / 1000.0;
    }
}
