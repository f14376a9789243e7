package io.answerback.core.loop.fault;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.profile.InputModel;

/// What a meter showed.
///
/// @param setup how the loop was put
/// @param ohms what it showed, in ohms; positive infinity for an open circuit
/// @param errorOhms one standard deviation of the meter, in ohms; any for an open circuit
public record Reading(MeasurementSetup setup, double ohms, double errorOhms) {
    /// A usual meter's error as a share of the reading.
    public static final double METER_SHARE = 0.005;
    /// A usual meter's error beside that share, in digits of its last place.
    public static final double METER_DIGITS = 2;

    private static final double COUNTS = 2000;

    /// @throws IllegalArgumentException when a figure is negative or not a number, or the setup missing
    public Reading {
        Require.given(setup, "setup of a reading");
        Require.within(ohms, 0, Double.POSITIVE_INFINITY, "reading in ohms");
        Require.within(errorOhms, 0, Double.POSITIVE_INFINITY, "meter error in ohms");
    }

    /// A reading in ohms with a usual meter: 0.5 % and 2 digits of a display of 2000 counts, taken as two
    /// standard deviations.
    public static Reading ohms(MeasurementSetup setup, double ohms) {
        return new Reading(setup, ohms, Double.isInfinite(ohms) ? 0 : error(ohms) / 2);
    }

    private static double error(double shown) {
        double range = 200;
        while (range < shown) {
            range *= 10;
        }
        return METER_SHARE * shown + METER_DIGITS * range / COUNTS;
    }

    /// A reading in volts at the input while it is connected: R = Rp · V / (Vp − V), its error passed on by the
    /// slope.
    ///
    /// @param volts from 0 to the input's pull-up
    /// @throws IllegalArgumentException when the input cannot show such a voltage
    public static Reading volts(MeasurementSetup setup, double volts, InputModel input) {
        Require.within(volts, 0, input.pullUpVolts(), "reading in volts");
        double left = input.pullUpVolts() - volts;
        double error = METER_SHARE * volts + METER_DIGITS * 0.001;
        if (left <= error) {
            return new Reading(setup, Double.POSITIVE_INFINITY, 0);
        }
        double slope = input.pullUpOhms() * input.pullUpVolts() / (left * left);
        return new Reading(setup, input.pullUpOhms() * volts / left, slope * error / 2);
    }
}
