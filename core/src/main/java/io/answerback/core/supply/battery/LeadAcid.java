package io.answerback.core.supply.battery;

import io.answerback.core.model.common.Text;
import java.util.List;

/// Sealed lead-acid batteries of 12 V: how long they last, and how their voltage falls.
public final class LeadAcid {
    /// The voltage they are kept at on mains (float), in volts.
    public static final double FLOAT_VOLTS = 13.65;
    /// The voltage loads are rated at, in volts.
    public static final double NOMINAL_VOLTS = 12;
    /// The voltage down to which their capacity is rated, in volts.
    public static final double EMPTY_VOLTS = 10.5;
    /// The hours over which their capacity is rated.
    public static final double RATED_HOURS = 20;
    /// By how much more than its current a faster discharge takes (Peukert), for sealed lead-acid.
    public static final double PEUKERT_EXPONENT = 1.15;
    /// The share of its charge that a battery keeps, for sealed lead-acid below the gassing voltage.
    public static final double CHARGE_KEPT = 0.9;
    /// The sizes that are sold, in ampere-hours.
    public static final List<Double> STOCK_AMP_HOURS =
            List.of(1.2, 2.1, 2.8, 3.2, 4.0, 7.0, 12.0, 17.0, 18.0, 24.0, 26.0, 38.0, 65.0);

    private static final double[] USED = {0, 0.1, 0.3, 0.5, 0.7, 0.85, 0.95, 1};
    private static final double[] VOLTS = {12.9, 12.7, 12.45, 12.2, 11.9, 11.55, 11.1, EMPTY_VOLTS};
    private static final double LAST_VOLTS_PER_SHARE = (11.1 - EMPTY_VOLTS) / 0.05;
    private static final double[] CELSIUS = {-40, -20, 0, 25};
    private static final double[] SHARES = {0.45, 0.65, 0.85, 1};

    private LeadAcid() {}

    /// The share of its capacity a battery has at a temperature: 100 % at 25 °C, 85 % at 0 °C, 65 % at −20 °C,
    /// linear between and on to −40 °C; no more than 100 % above.
    ///
    /// @throws IllegalArgumentException below −40 °C
    public static double temperatureShare(double celsius) {
        if (!(celsius >= CELSIUS[0])) {
            throw new IllegalArgumentException(
                    Text.of("a battery at %s °C is outside what is known of it; from −40 °C on", celsius));
        }
        return between(CELSIUS, SHARES, celsius);
    }

    /// How long a battery gives a current, in hours: H · (C / (I · H))^k with H = 20 h and k = 1.15 (Peukert).
    /// A slower discharge than over 20 hours gives its rated capacity and no more. Without a current it is
    /// infinite.
    ///
    /// @param ampHours the capacity at 20 hours, in ampere-hours
    /// @param amps the current, in amperes
    public static double hours(double ampHours, double amps) {
        if (amps <= 0) {
            return Double.POSITIVE_INFINITY;
        }
        double rated = ampHours / amps;
        return rated >= RATED_HOURS ? rated : RATED_HOURS * Math.pow(ampHours / (amps * RATED_HOURS), PEUKERT_EXPONENT);
    }

    /// The voltage when a share of the rated charge is used up: from 12.9 V full to 10.5 V, in straight pieces,
    /// and on as steep as at the end, since some supplies cut off below 10.5 V. A typical shape, for plots and
    /// for the moment a device drops out.
    public static double volts(double usedShare) {
        return usedShare > 1
                ? Math.max(0, EMPTY_VOLTS - (usedShare - 1) * LAST_VOLTS_PER_SHARE)
                : between(USED, VOLTS, Math.max(0, usedShare));
    }

    /// The share that is used up when the voltage has fallen so far; the inverse of [#volts], 0 above 12.9 V.
    public static double usedAt(double volts) {
        for (int i = 1; i < VOLTS.length; i++) {
            if (volts >= VOLTS[i]) {
                double share = (VOLTS[i - 1] - volts) / (VOLTS[i - 1] - VOLTS[i]);
                return Math.max(0, USED[i - 1] + share * (USED[i] - USED[i - 1]));
            }
        }
        return 1 + (EMPTY_VOLTS - volts) / LAST_VOLTS_PER_SHARE;
    }

    private static double between(double[] at, double[] values, double x) {
        for (int i = 1; i < at.length; i++) {
            if (x <= at[i]) {
                double share = (x - at[i - 1]) / (at[i] - at[i - 1]);
                return values[i - 1] + share * (values[i] - values[i - 1]);
            }
        }
        return values[values.length - 1];
    }
}
