package io.answerback.core.prove.proof;

import io.answerback.core.engine.memo.FactOf;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.loop.zone.ZoneMap;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Link;
import io.answerback.core.model.site.SystemPoint;
import io.answerback.core.model.site.Zone;
import io.answerback.core.report.routing.Routing;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Qualifier;
import java.util.Map;
import java.util.Optional;

/// How each point of a job stands with its proof.
public final class ProofFacts {
    /// The facts the answer of a zone point or system point rests on, for each link.
    public static final FactOf<PointId, Map<Link, Map<String, String>>> UPSTREAM =
            FactOf.each("what a proof rests on", ProofFacts::upstream);

    /// How a zone point or system point stands with its proof.
    public static final FactOf<PointId, ProofState> STATE = FactOf.each("proof of a point", ProofFacts::state);

    private ProofFacts() {}

    private static ProofState state(Facts facts, PointId id) {
        return ProofState.of(facts.proofOf(id), facts.of(UPSTREAM, id), restoreReported(facts, id));
    }

    /// Whether a receiver is told of the end of a point's event; where none is, no restore can be answered.
    private static boolean restoreReported(Facts facts, PointId id) {
        String event = facts.of(WiredPoint.FACT, id)
                .map(wired -> wired.zone().map(Zone::event).orElse(""))
                .orElseGet(() -> SystemPoint.of(id).orElseThrow().event());
        return !Routing.of(facts, facts.of(EventTable.GIVEN).group(event, Qualifier.RESTORE))
                        .isEmpty()
                || facts.routeReceivers().isEmpty();
    }

    private static Map<Link, Map<String, String>> upstream(Facts facts, PointId id) {
        ProofBasis upstream =
                new ProofBasis(facts, facts.of(EventTable.GIVEN), input -> facts.of(ZoneMap.READ_INSTEAD, input.id()));
        Optional<WiredPoint> wired = facts.of(WiredPoint.FACT, id);
        return wired.map(its -> upstream.of(its.point(), its.cable(), its.input(), its.zone()))
                .orElseGet(() -> upstream.of(SystemPoint.of(id).orElseThrow()));
    }
}
