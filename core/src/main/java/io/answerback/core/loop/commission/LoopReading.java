package io.answerback.core.loop.commission;

import io.answerback.core.loop.FarEnd;
import io.answerback.core.loop.LoopNetwork;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.loop.fault.Reading;
import io.answerback.core.loop.scheme.LoopFault;
import io.answerback.core.loop.scheme.Range;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Measurement;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// What was measured at one loop in one device state, against what it should be, and what it was on the visit
/// before.
///
/// @param pointId the point
/// @param setup the device state
/// @param predicted the worst-case interval it should lie in, in ohms
/// @param latest the latest reading; empty when none was taken
/// @param before the last reading of an earlier visit; empty when there is none
public record LoopReading(
        PointId pointId,
        MeasurementSetup setup,
        Range predicted,
        Optional<Measurement> latest,
        Optional<Measurement> before) {
    /// Readings closer than this belong to one visit.
    private static final Duration VISIT = Duration.ofHours(12);

    /// A drift of less than this share of the earlier reading is the meter's, the weather's, the probes'.
    private static final double DRIFT_SHARE = 0.02;

    private static final double DRIFT_OHMS = 5;

    /// How a reading lies to what it should be.
    public enum Verdict {
        /// Nothing was measured.
        NOT_MEASURED("not measured"),
        /// Inside what was computed, the meter's error allowed for.
        AS_PREDICTED("as computed"),
        /// Less than it can be.
        TOO_LOW("too low"),
        /// More than it can be.
        TOO_HIGH("too high");

        private final String words;

        Verdict(String words) {
            this.words = words;
        }

        /// The verdict in a few words.
        public String words() {
            return words;
        }

        /// Whether the reading cannot be explained by tolerances.
        public boolean off() {
            return this == TOO_LOW || this == TOO_HIGH;
        }
    }

    /// The readings of a loop in one device state.
    ///
    /// @param wired a point with a cable, whose scheme has this state
    /// @param setup a setup with a device state
    /// @param measurements what was measured at this point, in any order
    public static LoopReading of(WiredPoint wired, MeasurementSetup setup, List<Measurement> measurements) {
        Range predicted = LoopNetwork.of(
                        wired.fitted().orElseThrow(), setup.device().orElseThrow(), LoopFault.NONE, FarEnd.DEVICE)
                .range();
        List<Measurement> taken = measurements.stream()
                .filter(reading -> reading.what() == setup.measured())
                .sorted(Comparator.comparing(Measurement::at).reversed())
                .toList();
        Optional<Measurement> latest = taken.stream().findFirst();
        Optional<Measurement> before = latest.flatMap(last -> taken.stream()
                .filter(reading -> reading.at().isBefore(last.at().minus(VISIT)))
                .findFirst());
        return new LoopReading(wired.point().id(), setup, predicted, latest, before);
    }

    /// How the latest reading lies to what it should be. Two standard deviations of a usual meter are allowed
    /// for.
    public Verdict verdict() {
        if (latest.isEmpty()) {
            return Verdict.NOT_MEASURED;
        }
        Optional<Double> ohms = latest.get().ohms();
        if (ohms.isEmpty()) {
            return Double.isInfinite(predicted.highOhms()) ? Verdict.AS_PREDICTED : Verdict.TOO_HIGH;
        }
        double error = 2 * Reading.ohms(setup, ohms.get()).errorOhms();
        if (ohms.get() + error < predicted.lowOhms()) {
            return Verdict.TOO_LOW;
        }
        return ohms.get() - error > predicted.highOhms() ? Verdict.TOO_HIGH : Verdict.AS_PREDICTED;
    }

    /// How far the latest reading is outside what it should be, in ohms; 0 inside, infinite where one of them is
    /// open.
    public double offByOhms() {
        double ohms = latest.flatMap(Measurement::ohms).orElse(Double.POSITIVE_INFINITY);
        return switch (verdict()) {
            case TOO_LOW -> predicted.lowOhms() - ohms;
            case TOO_HIGH -> ohms - predicted.highOhms();
            case NOT_MEASURED, AS_PREDICTED -> 0;
        };
    }

    /// By how much the loop has changed since the visit before, in ohms; empty when that is no more than meters
    /// and weather do, or there was no visit before.
    public Optional<Double> driftOhms() {
        if (before.isEmpty()) {
            return Optional.empty();
        }
        double now = latest.orElseThrow().ohms().orElse(Double.POSITIVE_INFINITY);
        double then = before.get().ohms().orElse(Double.POSITIVE_INFINITY);
        if (Double.isInfinite(now) && Double.isInfinite(then)) {
            return Optional.empty();
        }
        double drift = Double.isInfinite(then) ? Double.NEGATIVE_INFINITY : now - then;
        boolean noise = Math.abs(drift) <= Math.max(DRIFT_OHMS, DRIFT_SHARE * Math.min(now, then));
        return noise ? Optional.empty() : Optional.of(drift);
    }

    /// What it should be, such as "2 190 to 2 256 Ω" or "open".
    public String should() {
        String low = Figures.ohms(predicted.lowOhms()).replace(" Ω", "");
        return predicted.open() ? "open" : Text.of("%s to %s", low, Figures.ohms(predicted.highOhms()));
    }
}
