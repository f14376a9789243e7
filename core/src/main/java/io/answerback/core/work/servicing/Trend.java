package io.answerback.core.work.servicing;

import io.answerback.core.model.common.Text;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// How something that was measured on several visits changes, and when it will cross its bound if it goes on like that.
///
/// @param of what was measured, such as "07 Dock roller door, loop at rest"
/// @param unit its unit
/// @param first the first reading
/// @param latest the latest reading
/// @param perYear how much it changes in a year, in the unit: the slope of the straight line that fits best (least
///     squares)
/// @param bound the bound it goes towards, in the unit; empty where nothing bounds it on that side
/// @param crosses the day it will cross it; empty where it does not within [#FARTHEST_YEARS] years, or has no bound
public record Trend(
        String of,
        String unit,
        Read first,
        Read latest,
        double perYear,
        Optional<Double> bound,
        Optional<LocalDate> crosses) {
    /// How far ahead a straight line is believed.
    public static final int FARTHEST_YEARS = 10;

    private static final double DAYS_A_YEAR = 365.25;
    private static final Duration SHORTEST = Duration.ofDays(30);

    /// A reading.
    ///
    /// @param at when
    /// @param value how much, in the unit of the trend
    public record Read(Instant at, double value) {}

    /// The trend of readings; empty where they are fewer than two, lie within a month, or differ by no more than
    /// meters and weather do.
    ///
    /// @param low the bound below; empty for none
    /// @param high the bound above; empty for none
    /// @param noise a change up to this is noise, in the unit
    public static Optional<Trend> of(
            String of, String unit, List<Read> readings, Optional<Double> low, Optional<Double> high, double noise) {
        List<Read> order =
                readings.stream().sorted(Comparator.comparing(Read::at)).toList();
        if (order.size() < 2) {
            return Optional.empty();
        }
        Read first = order.getFirst();
        Read latest = order.getLast();
        boolean apart = Duration.between(first.at(), latest.at()).compareTo(SHORTEST) >= 0;
        if (!apart || Math.abs(latest.value() - first.value()) <= noise) {
            return Optional.empty();
        }
        double slope = slope(order);
        Optional<Double> bound = slope > 0 ? high : low;
        return Optional.of(
                new Trend(of, unit, first, latest, slope, bound, bound.flatMap(its -> crossing(latest, slope, its))));
    }

    private static double years(Instant from, Instant to) {
        return Duration.between(from, to).toSeconds() / (DAYS_A_YEAR * 86_400);
    }

    private static double slope(List<Read> order) {
        Instant from = order.getFirst().at();
        double meanYears = order.stream()
                .mapToDouble(read -> years(from, read.at()))
                .average()
                .orElseThrow();
        double mean = order.stream().mapToDouble(Read::value).average().orElseThrow();
        double above = 0;
        double below = 0;
        for (Read read : order) {
            double apart = years(from, read.at()) - meanYears;
            above += apart * (read.value() - mean);
            below += apart * apart;
        }
        return above / below;
    }

    private static Optional<LocalDate> crossing(Read latest, double slope, double bound) {
        double years = (bound - latest.value()) / slope;
        if (!(years >= 0) || years > FARTHEST_YEARS) {
            return years < 0 ? Optional.of(latest.at().atZone(ZoneOffset.UTC).toLocalDate()) : Optional.empty();
        }
        return Optional.of(latest.at().atZone(ZoneOffset.UTC).toLocalDate().plusDays(Math.round(years * DAYS_A_YEAR)));
    }

    /// Such as "2 712 Ω, then 2 830 Ω: +59 Ω a year; crosses 2 970 Ω about 2029-04".
    public String words() {
        String drift =
                Text.of("%s, then %s: %+.1f %s a year", figure(first.value()), figure(latest.value()), perYear, unit);
        return crosses.map(day -> Text.of(
                        "%s; crosses %s about %d-%02d",
                        drift, figure(bound.orElseThrow()), day.getYear(), day.getMonthValue()))
                .orElse(drift);
    }

    private String figure(double value) {
        return Text.of(Math.abs(value) >= 100 ? "%.0f %s" : "%.2f %s", value, unit);
    }
}
