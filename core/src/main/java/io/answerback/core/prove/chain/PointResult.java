package io.answerback.core.prove.chain;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Link;
import io.answerback.core.prove.proof.ProofState;
import java.util.Map;
import java.util.Optional;

/// Everything computed about one zone point or system point.
///
/// @param pointId its id
/// @param name its name
/// @param wired what it is made of; empty for a system point
/// @param upstream the facts its answer rests on, for each link
/// @param proof how it stands with its proof
/// @param chain its seven links
public record PointResult(
        PointId pointId,
        String name,
        Optional<WiredPoint> wired,
        Map<Link, Map<String, String>> upstream,
        ProofState proof,
        Chain chain) {
    /// Whether its alarm and its restore were answered and nothing has changed since.
    public boolean proven() {
        return proof instanceof ProofState.Proven;
    }

    /// Whether its alarm is meant to reach a station at all.
    public boolean reported() {
        return wired.flatMap(WiredPoint::zone)
                .filter(zone -> zone.type() == ZoneType.LOG_ONLY)
                .isEmpty();
    }

    /// The worst mark of the links from `first` to `last`.
    public Mark worst(Link first, Link last) {
        return chain.links().subList(first.ordinal(), last.ordinal() + 1).stream()
                .map(LinkState::mark)
                .reduce(PointResult::worse)
                .orElseThrow();
    }

    private static Mark worse(Mark one, Mark two) {
        return badness(one) >= badness(two) ? one : two;
    }

    private static int badness(Mark mark) {
        return switch (mark) {
            case PROVEN -> 0;
            case SOUND -> 1;
            case TIGHT -> 2;
            case STALE -> 3;
            case NOT_DONE -> 4;
            case WRONG -> 5;
        };
    }
}
