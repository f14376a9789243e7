package io.answerback.core.prove.proof;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Link;
import io.answerback.core.model.site.Proof;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;

/// How a point stands with its proof.
public sealed interface ProofState {
    /// Its signal was never answered.
    record Never() implements ProofState {}

    /// Answered, but the restore was not.
    ///
    /// @param proof what was answered
    record NotRestored(Proof proof) implements ProofState {}

    /// Answered, and its restore too where a receiver is told of it, and nothing upstream has changed since.
    ///
    /// @param proof what was answered
    record Proven(Proof proof) implements ProofState {}

    /// It was answered, but something upstream is no longer as it was.
    ///
    /// @param proof what was kept
    /// @param link the first link that differs
    /// @param why what changed, such as "cable length was 48 m, now 62 m"
    record Stale(Proof proof, Link link, String why) implements ProofState {}

    /// How a proof stands against the facts as they are now.
    ///
    /// @param kept the proof; empty when there is none
    /// @param now the facts of each link as they are now
    /// @param restoreReported whether a receiver is told of the end of the event; where none is, none can be
    ///     answered
    static ProofState of(Optional<Proof> kept, Map<Link, Map<String, String>> now, boolean restoreReported) {
        if (kept.isEmpty()) {
            return new Never();
        }
        Proof proof = kept.get();
        for (Link link : Link.values()) {
            Map<String, String> then = proof.upstream().getOrDefault(link, Map.of());
            Map<String, String> today = now.getOrDefault(link, Map.of());
            if (!then.equals(today)) {
                return new Stale(proof, link, difference(then, today));
            }
        }
        return proof.restoredAt().isPresent() || !restoreReported ? new Proven(proof) : new NotRestored(proof);
    }

    private static String difference(Map<String, String> then, Map<String, String> today) {
        var names = new TreeSet<>(then.keySet());
        names.addAll(today.keySet());
        return names.stream()
                .filter(name -> !Optional.ofNullable(then.get(name)).equals(Optional.ofNullable(today.get(name))))
                .map(name -> Text.of(
                        "%s was %s, now %s", name, then.getOrDefault(name, "none"), today.getOrDefault(name, "none")))
                .findFirst()
                .orElse("");
    }
}
