package io.answerback.core.model.site;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.id.PointId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/// That a point's signal was answered, and everything that was true upstream when it was.
///
/// @param pointId the zone point or system point that was tried
/// @param answeredAt when the answer came
/// @param roundTripMillis from sending to the answer, in milliseconds, 0 or more
/// @param station who answered
/// @param frame the frame that was answered, with LF and CR left out
/// @param restoredAt when the restore was answered; empty until it is
/// @param upstream for each link the facts that were true, by name
@RecordBuilder
public record Proof(
        PointId pointId,
        Instant answeredAt,
        long roundTripMillis,
        String station,
        String frame,
        Optional<Instant> restoredAt,
        Map<Link, Map<String, String>> upstream)
        implements ProofBuilder.With {
    /// @throws IllegalArgumentException when a part is missing or the round trip is negative
    public Proof {
        Require.given(pointId, "point of a proof");
        Require.given(answeredAt, "time of the proof of " + pointId);
        Require.within(roundTripMillis, 0, 1e12, "round trip of the proof of " + pointId + " in milliseconds");
        station = Require.text(station, "station of the proof of " + pointId);
        frame = Require.text(frame, "frame of the proof of " + pointId);
        restoredAt = restoredAt == null ? Optional.empty() : restoredAt;
        upstream = sorted(Require.given(upstream, "facts of the proof of " + pointId));
    }

    private static Map<Link, Map<String, String>> sorted(Map<Link, Map<String, String>> upstream) {
        Map<Link, Map<String, String>> copy = new TreeMap<>();
        upstream.forEach((link, facts) -> copy.put(link, Collections.unmodifiableMap(new TreeMap<>(facts))));
        return Collections.unmodifiableMap(copy);
    }

    /// The same proof with its restore answered at `at`.
    public Proof withRestoredAt(Instant at) {
        return new Proof(pointId, answeredAt, roundTripMillis, station, frame, Optional.of(at), upstream);
    }
}
