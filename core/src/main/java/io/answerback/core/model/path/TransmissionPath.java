package io.answerback.core.model.path;

import io.answerback.core.model.common.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/// One way out of the building and how the communicator uses it.
///
/// @param kind what sort of path it is; a communicator has one of each at most
/// @param attempts tries at each receiver, 1 to 20
/// @param timeoutMillis how long one try waits for an answer, 50 to 120 000 ms; on a line, for the dial tone
///     and for the receiver's handshake
/// @param answerMillis how long an answer takes when everything is up, 1 to 60 000 ms: a working value until it
///     is measured; on a line, the call itself is computed and this is not used
/// @param holdOffMillis how long it waits before its first try, 0 to 600 000 ms
/// @param registrationMillis how long it takes to register with its network before its first try, 0 to 600 000
///     ms; 0 where it stays registered
/// @param pollSeconds how often it shows the station that it is there, 10 to 200 000 s; empty where it does not
/// @param planMegabytes what its plan carries in a month, in megabytes of 1,000,000 bytes; empty where that is
///     not known or not limited
@RecordBuilder
public record TransmissionPath(
        PathKind kind,
        int attempts,
        int timeoutMillis,
        int answerMillis,
        int holdOffMillis,
        int registrationMillis,
        Optional<Integer> pollSeconds,
        Optional<Double> planMegabytes)
        implements TransmissionPathBuilder.With {
    /// @throws IllegalArgumentException when the kind is missing or a figure is out of bounds
    public TransmissionPath {
        Require.given(kind, "sort of path");
        Require.within(attempts, 1, 20, "attempts");
        Require.within(timeoutMillis, 50, 120_000, "answer time-out in milliseconds");
        Require.within(answerMillis, 1, 60_000, "time of an answer in milliseconds");
        Require.within(holdOffMillis, 0, 600_000, "hold-off in milliseconds");
        Require.within(registrationMillis, 0, 600_000, "time to register in milliseconds");
        pollSeconds = pollSeconds == null ? Optional.empty() : pollSeconds;
        pollSeconds.ifPresent(seconds -> Require.within(seconds, 10, 200_000, "poll interval in seconds"));
        planMegabytes = planMegabytes == null ? Optional.empty() : planMegabytes;
        planMegabytes.ifPresent(plan -> Require.within(plan, 0.01, 1_000_000, "plan in megabytes a month"));
    }

    /// A path that tries so often and waits so long, without polls, and else as usual for its kind.
    public static TransmissionPath of(PathKind kind, int attempts, int timeoutMillis) {
        int answer = kind == PathKind.IP ? 200 : 1000;
        int registration = kind == PathKind.CELLULAR ? 4000 : 0;
        return new TransmissionPath(
                kind, attempts, timeoutMillis, answer, 0, registration, Optional.empty(), Optional.empty());
    }

    /// A path as it usually is before anything was decided: three tries of 5 s over IP, of 10 s by cellular;
    /// two of 30 s on a line.
    public static TransmissionPath usual(PathKind kind) {
        return switch (kind) {
            case IP -> of(kind, 3, 5000);
            case CELLULAR -> of(kind, 3, 10_000);
            case LINE -> of(kind, 2, 30_000);
        };
    }
}
