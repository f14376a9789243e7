package io.answerback.core.loop.commission;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Measurement;
import io.answerback.core.model.site.Parts;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/// Every loop that was measured, in every device state it was measured in.
public final class Readings {
    /// The readings of a job.
    public static final Fact<List<LoopReading>> FACT = Fact.of(
            "readings of loops",
            facts -> facts.measurements().isEmpty() ? List.of() : of(facts, facts.of(WiredPoint.ALL)));

    private Readings() {}

    /// The readings of a job, in the order of its points.
    ///
    /// @param points what is wired of each of them
    private static List<LoopReading> of(Parts job, List<Optional<WiredPoint>> points) {
        Map<PointId, List<Measurement>> byPoint =
                job.measurements().stream().collect(Collectors.groupingBy(Measurement::pointId));
        return points.stream()
                .flatMap(Optional::stream)
                .filter(wired -> byPoint.containsKey(wired.point().id()))
                .filter(wired -> wired.fitted().isPresent() && !wired.second())
                .flatMap(wired -> MeasurementSetup.of(wired.fitted().orElseThrow()).stream()
                        .filter(setup -> setup.device().isPresent())
                        .map(setup -> LoopReading.of(
                                wired, setup, byPoint.get(wired.point().id()))))
                .filter(reading -> reading.latest().isPresent())
                .toList();
    }
}
