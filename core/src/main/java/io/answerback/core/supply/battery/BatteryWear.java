package io.answerback.core.supply.battery;

import io.answerback.core.model.common.Require;

/// What a battery has come to: how cold, how old, and how much the design keeps back.
///
/// @param celsius its temperature, in degrees Celsius
/// @param ageShare the share of its capacity that age has left, 0 to 1
/// @param designMargin what the need is multiplied by, 1 for none
public record BatteryWear(double celsius, double ageShare, double designMargin) {
    /// New, warm, nothing kept back.
    public static final BatteryWear NONE = new BatteryWear(25, 1, 1);
    /// The share that is left at the end of its life.
    public static final double END_OF_LIFE_SHARE = 0.8;
    /// The coldest that is known of a battery, in degrees Celsius.
    public static final double COLDEST_CELSIUS = -40;
    /// The hottest a battery may get, in degrees Celsius.
    public static final double HOTTEST_CELSIUS = 60;
    /// What a design keeps back, where nothing else is said.
    public static final double USUAL_MARGIN = 1.25;

    private static final double LEAST_SHARE = 0.2;

    /// @throws IllegalArgumentException when a figure is out of bounds
    public BatteryWear {
        Require.within(celsius, COLDEST_CELSIUS, HOTTEST_CELSIUS, "temperature of a battery in °C");
        Require.within(ageShare, LEAST_SHARE, 1, "share of capacity that age has left");
        Require.within(designMargin, 1, 3, "design margin");
    }

    /// As a design has to count on it: cold, at the end of its life, with the usual margin.
    public static BatteryWear designed(double coldestCelsius) {
        return new BatteryWear(coldestCelsius, END_OF_LIFE_SHARE, USUAL_MARGIN);
    }

    /// The share that is left after some years: all of it new, 80 % at the end of its life, and on in a straight
    /// line.
    ///
    /// @param lifeYears how long it is kept, in years
    public static double ageShare(double years, double lifeYears) {
        return Math.max(LEAST_SHARE, 1 - (1 - END_OF_LIFE_SHARE) * years / lifeYears);
    }

    /// What can be counted on, in ampere-hours.
    public double usable(double ratedAmpHours) {
        return ratedAmpHours * LeadAcid.temperatureShare(celsius) * ageShare / designMargin;
    }
}
