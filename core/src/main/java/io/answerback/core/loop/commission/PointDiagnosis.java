package io.answerback.core.loop.commission;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.FactOf;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.loop.fault.Diagnosis;
import io.answerback.core.loop.fault.Explanation;
import io.answerback.core.loop.fault.FaultWords;
import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.loop.fault.Priors;
import io.answerback.core.loop.fault.Reading;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Measurement;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// What explains the readings that a job keeps of a point's loop. Findings, pack and bench all ask this, so that
/// one loop never has two verdicts.
public final class PointDiagnosis {
    /// The diagnosis of each point; empty where nothing was measured at its loop, or the loop is not computed.
    public static final FactOf<PointId, Optional<Diagnosis>> FACT =
            FactOf.each("diagnosis of a point", PointDiagnosis::of);

    private static final Fact<Set<Double>> KIT = Fact.of("resistors of the job", PointDiagnosis::kitOhms);

    private PointDiagnosis() {}

    private static Optional<Diagnosis> of(Facts facts, PointId pointId) {
        List<Measurement> readings = latest(facts.measurements(), pointId);
        Optional<FittedLoop> loop = facts.of(WiredPoint.FACT, pointId)
                .filter(wired -> !wired.second())
                .flatMap(WiredPoint::fitted);
        return readings.isEmpty()
                ? Optional.empty()
                : loop.map(fitted -> of(fitted, facts.of(Priors.GIVEN).withKit(facts.of(KIT)), readings));
    }

    /// The values of resistors that a job uses or its panel expects, in ohms.
    public static Set<Double> kitOhms(Parts job) {
        Stream<Double> used = job.points().stream()
                .map(Point::loop)
                .flatMap(loop -> Stream.of(loop.endOfLineOhms(), loop.alarmOhms(), loop.secondOhms()));
        Stream<Double> expected = job.panel().profile().inputs().schemes().stream()
                .flatMap(bands -> Stream.of(bands.endOfLineOhms(), bands.alarmOhms(), bands.secondOhms()));
        return Stream.concat(used, expected).filter(ohms -> ohms > 0).collect(Collectors.toSet());
    }

    /// What explains some readings.
    ///
    /// @param readings at least one, of one loop, each in a setup of [MeasurementSetup]
    public static Diagnosis of(FittedLoop loop, Priors priors, List<Measurement> readings) {
        return Diagnosis.of(
                loop, priors, readings.stream().map(PointDiagnosis::reading).toList());
    }

    private static Reading reading(Measurement kept) {
        return Reading.ohms(
                MeasurementSetup.of(kept.what()).orElseThrow(), kept.ohms().orElse(Double.POSITIVE_INFINITY));
    }

    /// The latest reading of a point's loop in each setup, in the order of the setups.
    public static List<Measurement> latest(Collection<Measurement> measurements, PointId pointId) {
        List<Measurement> latest = new ArrayList<>();
        for (MeasurementSetup setup : MeasurementSetup.values()) {
            measurements.stream()
                    .filter(reading -> reading.pointId().equals(pointId) && reading.what() == setup.measured())
                    .max(Comparator.comparing(Measurement::at))
                    .ifPresent(latest::add);
        }
        return latest;
    }

    /// The likeliest explanation with its probability, such as "Likeliest: a damp joint across the pair, 11 900 Ω
    /// to 12 100 Ω (92 %)."
    static String says(Diagnosis diagnosis) {
        Explanation first = diagnosis.explanations().getFirst();
        return Text.of("Likeliest: %s (%s).", FaultWords.says(first), Figures.percent(first.probability()));
    }

    /// What to do next: the measurement that tells most, or the correction once one cause is settled.
    static String remedy(Diagnosis diagnosis) {
        return diagnosis
                .next()
                .map(next -> Text.of("Measure next: %s.", next.setup().order()))
                .orElse(
                        diagnosis.settled()
                                ? "Correct that, and measure again."
                                : "Measure again with the cores lifted at both ends, one part at a time.");
    }
}
