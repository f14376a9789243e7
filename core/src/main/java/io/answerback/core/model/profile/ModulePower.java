package io.answerback.core.model.profile;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.device.LoadType;

/// What a module takes beyond its current at rest. Figures are at 12 V.
///
/// @param alarmMilliamps current in alarm, in milliamps
/// @param peakMilliamps its highest current, as a transmitter's while it sends, in milliamps; 0 where it has no
///     peaks
/// @param peakSharePercent how much of the time it is at its peak, in percent
/// @param leastVolts the least voltage at which it still works
/// @param loadType how its current depends on its voltage
public record ModulePower(
        double alarmMilliamps, double peakMilliamps, double peakSharePercent, double leastVolts, LoadType loadType) {
    /// @throws IllegalArgumentException when a figure is out of bounds or the law is missing
    public ModulePower {
        Require.within(alarmMilliamps, 0, 20_000, "alarm current of a module in milliamps");
        Require.within(peakMilliamps, 0, 20_000, "peak current of a module in milliamps");
        Require.within(peakSharePercent, 0, 100, "share of time at its peak in percent");
        Require.within(leastVolts, 0, 60, "least voltage of a module in volts");
        Require.given(loadType, "load type of a module");
    }
}
