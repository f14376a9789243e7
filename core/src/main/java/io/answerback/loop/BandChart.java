package io.answerback.loop;

import io.answerback.job.Band;
import io.answerback.job.Meaning;
import java.util.List;
import java.util.Optional;

/// What a panel concludes from a resistance, and how far that is from an edge.
///
/// Distances are in log-ohms: twice the resistance is as far as half. For drawing and for the width of bands
/// that start at zero or never end, 1 Ω and 1 MΩ stand for the ends of the scale.
///
/// @param bands in rising order, not overlapping
public record BandChart(List<Band> bands) {
    /// The low end of the scale, in ohms.
    public static final double SCALE_LOW_OHMS = 1;
    /// The high end of the scale, in ohms.
    public static final double SCALE_HIGH_OHMS = 1e6;

    public BandChart {
        bands = List.copyOf(bands);
    }

    /// The band that holds the whole of `range`; empty when any part of it is between bands or in two of them.
    public Optional<Band> holding(Range range) {
        return bands.stream()
                .filter(band -> range.lowOhms() >= band.lowOhms() && range.highOhms() <= band.highOhms())
                .findFirst();
    }

    /// What the panel concludes from one exact resistance in ohms; empty between bands.
    public Optional<Meaning> reads(double ohms) {
        return holding(new Range(ohms, ohms, ohms)).map(Band::meaning);
    }

    /// How deep inside its band a range lies: the distance to the nearer edge as a share of the band's
    /// half-width, from 0 (on the edge) to 1 (in the middle, or next to an end that has no edge). 0 when no
    /// band holds the range.
    public double margin(Range range) {
        return holding(range).map(band -> margin(band, range)).orElse(0.0);
    }

    private static double margin(Band band, Range range) {
        double halfWidth = (log(band.highOhms()) - log(band.lowOhms())) / 2;
        double toLow = band.lowOhms() <= 0 ? halfWidth : log(range.lowOhms()) - log(band.lowOhms());
        double toHigh = Double.isInfinite(band.highOhms()) ? halfWidth : log(band.highOhms()) - log(range.highOhms());
        return Math.clamp(Math.min(toLow, toHigh) / halfWidth, 0, 1);
    }

    private static double log(double ohms) {
        return Math.log(Math.clamp(ohms, SCALE_LOW_OHMS, SCALE_HIGH_OHMS));
    }
}
