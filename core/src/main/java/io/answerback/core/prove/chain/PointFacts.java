package io.answerback.core.prove.chain;

import io.answerback.core.engine.memo.EveryPoint;
import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.FactOf;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.loop.zone.ZoneMap;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Link;
import io.answerback.core.model.site.SystemPoint;
import io.answerback.core.prove.proof.ProofFacts;
import io.answerback.core.prove.proof.ProofState;
import io.answerback.core.signal.event.EventTable;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Everything computed about each point of a job: follows it through its links.
public final class PointFacts {
    /// Everything computed about one zone point or system point, by its id.
    public static final FactOf<PointId, PointResult> RESULT = FactOf.each("result of a point", PointFacts::result);

    /// Everything computed about every point, in the order of [EveryPoint#IDS].
    public static final Fact<List<PointResult>> ALL = EveryPoint.GROUPS.all("results of all points", RESULT);

    private PointFacts() {}

    private static PointResult result(Facts facts, PointId id) {
        Optional<WiredPoint> wired = facts.of(WiredPoint.FACT, id);
        Map<Link, Map<String, String>> upstream = facts.of(ProofFacts.UPSTREAM, id);
        ProofState proof = facts.of(ProofFacts.STATE, id);
        ChainBuilder builder = new ChainBuilder(facts, facts.of(EventTable.GIVEN));
        if (wired.isEmpty()) {
            SystemPoint point = SystemPoint.of(id).orElseThrow();
            return new PointResult(id, point.title(), wired, upstream, proof, builder.of(point, proof));
        }
        Optional<Input> instead = wired.get().input().flatMap(input -> facts.of(ZoneMap.READ_INSTEAD, input.id()));
        Chain chain = builder.of(wired.get(), instead, proof);
        return new PointResult(id, wired.get().point().name(), wired, upstream, proof, chain);
    }
}
