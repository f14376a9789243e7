package io.answerback.core.commission;

import io.answerback.core.chain.PointFacts;
import io.answerback.core.chain.PointResult;
import io.answerback.core.fault.MeasurementSetup;
import io.answerback.core.id.PointId;
import io.answerback.core.memo.Fact;
import io.answerback.core.site.Measurement;
import io.answerback.core.site.Parts;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/// Every loop that was measured, in every device state it was measured in.
public final class Readings {
    /// The readings of a job.
    public static final Fact<List<LoopReading>> FACT = Fact.of(
            "readings of loops",
            facts -> facts.measurements().isEmpty() ? List.of() : of(facts, facts.of(PointFacts.ALL)));

    private Readings() {}

    /// The readings of a job, in the order of its points.
    ///
    /// @param points everything computed about its points
    public static List<LoopReading> of(Parts job, List<PointResult> points) {
        Map<PointId, List<Measurement>> byPoint =
                job.measurements().stream().collect(Collectors.groupingBy(Measurement::pointId));
        return points.stream()
                .filter(point -> byPoint.containsKey(point.pointId()))
                .flatMap(point -> point.wired().stream())
                .filter(wired -> wired.fitted().isPresent() && !wired.second())
                .flatMap(wired -> MeasurementSetup.of(wired.fitted().orElseThrow()).stream()
                        .filter(setup -> setup.device().isPresent())
                        .map(setup -> LoopReading.of(
                                wired, setup, byPoint.get(wired.point().id()))))
                .filter(reading -> reading.latest().isPresent())
                .toList();
    }
}
