package io.answerback.core.loop.resistor;

import io.answerback.core.model.common.Require;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/// A value made of what is in the van: one resistor, or two in series or in parallel.
///
/// @param first the first, in ohms
/// @param second the second, in ohms; 0 for one alone
/// @param how how they are joined
public record FromStock(double first, double second, Joined how) {
    /// How two resistors are joined.
    public enum Joined {
        /// One alone.
        ALONE,
        /// One after the other.
        SERIES,
        /// Side by side.
        PARALLEL
    }

    /// What they come to, in ohms.
    public double ohms() {
        return switch (how) {
            case ALONE -> first;
            case SERIES -> first + second;
            case PARALLEL -> first * second / (first + second);
        };
    }

    /// How far they are from a wanted value, as a share of it, 0 or more.
    public double errorShare(double wantedOhms) {
        return Math.abs(ohms() - wantedOhms) / wantedOhms;
    }

    /// The best ways to make a value, the nearest first; of two as near, the one with fewer parts. Every pair
    /// of the stock is tried.
    ///
    /// @param wantedOhms in ohms, above 0
    /// @param stockOhms the values there are, each as often as wanted
    /// @param most how many ways are wanted
    /// @throws IllegalArgumentException when the wanted value is not above 0, or a stock value is not
    public static List<FromStock> make(double wantedOhms, List<Double> stockOhms, int most) {
        Require.within(wantedOhms, 1e-3, 1e9, "wanted value in ohms");
        List<FromStock> ways = new ArrayList<>();
        for (int i = 0; i < stockOhms.size(); i++) {
            double one = Require.within(stockOhms.get(i), 1e-3, 1e9, "stock value in ohms");
            ways.add(new FromStock(one, 0, Joined.ALONE));
            for (double two : stockOhms.subList(i, stockOhms.size())) {
                ways.add(new FromStock(one, two, Joined.SERIES));
                ways.add(new FromStock(one, two, Joined.PARALLEL));
            }
        }
        return ways.stream()
                .sorted(Comparator.comparingDouble((FromStock way) -> Math.round(way.errorShare(wantedOhms) * 1e9))
                        .thenComparing(FromStock::how))
                .limit(most)
                .toList();
    }
}
