package io.answerback.core.loop;

import io.answerback.core.loop.scheme.Range;
import io.answerback.core.model.profile.Band;
import io.answerback.core.model.profile.BandUnit;
import io.answerback.core.model.profile.InputModel;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.SchemeBands;
import java.util.List;
import java.util.Optional;

/// What a panel concludes from a resistance, and how far that is from an edge.
///
/// Distances are in log-ohms where the bands are stated in ohms, with 1 Ω and 1 MΩ for the ends of the scale,
/// and in volts where they are stated in volts.
///
/// @param bands in ohms, in rising order, not overlapping
/// @param scale what distances are in
public record BandChart(List<Band> bands, BandScale scale) {
    /// The low end of the scale, in ohms.
    public static final double SCALE_LOW_OHMS = 1;
    /// The high end of the scale, in ohms.
    public static final double SCALE_HIGH_OHMS = 1e6;

    public BandChart {
        bands = List.copyOf(bands);
    }

    /// How an input reads a scheme.
    public static BandChart of(SchemeBands bands, InputModel input) {
        return bands.unit() == BandUnit.OHMS
                ? new BandChart(bands.bands(), new BandScale.LogOhms())
                : new BandChart(
                        bands.bands().stream()
                                .map(band -> new Band(input.ohms(band.low()), input.ohms(band.high()), band.meaning()))
                                .toList(),
                        new BandScale.Volts(input));
    }

    /// The band that holds the whole of `range`; empty when any part of it is between bands or in two of them.
    public Optional<Band> holding(Range range) {
        return bands.stream()
                .filter(band -> range.lowOhms() >= band.low() && range.highOhms() <= band.high())
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

    private double margin(Band band, Range range) {
        double halfWidth = (scale.at(band.high()) - scale.at(band.low())) / 2;
        double toLow = band.low() <= 0 ? halfWidth : scale.at(range.lowOhms()) - scale.at(band.low());
        double toHigh = Double.isInfinite(band.high()) ? halfWidth : scale.at(band.high()) - scale.at(range.highOhms());
        return Math.clamp(Math.min(toLow, toHigh) / halfWidth, 0, 1);
    }
}
