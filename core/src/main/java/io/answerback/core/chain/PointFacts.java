package io.answerback.core.chain;

import io.answerback.core.event.EventTable;
import io.answerback.core.id.PointId;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.memo.Fact;
import io.answerback.core.memo.FactOf;
import io.answerback.core.memo.Facts;
import io.answerback.core.memo.Groups;
import io.answerback.core.proof.ProofFacts;
import io.answerback.core.proof.ProofState;
import io.answerback.core.site.Input;
import io.answerback.core.site.Link;
import io.answerback.core.site.SystemPoint;
import io.answerback.core.zone.ZoneMap;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// Everything computed about each point of a job: follows it through its links.
public final class PointFacts {
    /// Everything computed about one zone point or system point, by its id.
    public static final FactOf<PointId, PointResult> RESULT = FactOf.each("result of a point", PointFacts::result);

    /// Every zone point in the order of the job, then every system point, by id.
    public static final Fact<List<PointId>> IDS = Fact.of("ids of all points", PointFacts::ids);

    /// The points of [#IDS], some dozens at a time.
    public static final Groups<PointId> GROUPS = new Groups<>("points", IDS);

    /// Everything computed about every point, in the order of [#IDS].
    public static final Fact<List<PointResult>> ALL = GROUPS.all("results of all points", RESULT);

    private PointFacts() {}

    private static List<PointId> ids(Facts facts) {
        return Stream.concat(
                        facts.pointIds().stream(),
                        Arrays.stream(SystemPoint.values()).map(SystemPoint::id))
                .toList();
    }

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
