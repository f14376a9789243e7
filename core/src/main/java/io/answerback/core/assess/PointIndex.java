package io.answerback.core.assess;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.memo.Fact;
import io.answerback.core.model.id.PointId;
import io.answerback.core.prove.chain.PointFacts;
import io.answerback.core.prove.chain.PointResult;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Results and findings of a job by the zone point or system point they belong to. It is made when it is first
/// asked.
public final class PointIndex {
    static final Fact<PointIndex> FACT = Fact.of(
            "results by point",
            facts -> new PointIndex(
                    facts.of(PointFacts.ALL), facts.of(AllFindings.FACT).sorted()));

    private final List<PointResult> results;
    private final List<Finding> findings;
    private volatile Map<PointId, PointResult> byPoint;
    private volatile Map<PointId, List<Finding>> findingsByPoint;

    private PointIndex(List<PointResult> results, List<Finding> findings) {
        this.results = results;
        this.findings = findings;
    }

    /// Everything computed about a point; empty when there is none of that id.
    Optional<PointResult> result(PointId pointId) {
        if (byPoint == null) {
            Map<PointId, PointResult> index = HashMap.newHashMap(results.size());
            results.forEach(result -> index.put(result.pointId(), result));
            byPoint = index;
        }
        return Optional.ofNullable(byPoint.get(pointId));
    }

    /// What was found in a point, worst first.
    Stream<Finding> findings(PointId pointId) {
        if (findingsByPoint == null) {
            findingsByPoint = findings.stream()
                    .filter(finding -> finding.point().isPresent())
                    .collect(Collectors.groupingBy(finding -> finding.point().get()));
        }
        return findingsByPoint.getOrDefault(pointId, List.of()).stream();
    }
}
