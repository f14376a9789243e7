package io.answerback.core.model.device;

import io.answerback.core.model.common.Require;

/// What a powered detector takes.
///
/// @param quiescentMilliamps current at rest, in milliamps
/// @param alarmMilliamps current in alarm, in milliamps
/// @param leastVolts the least voltage at its terminals at which it still works
/// @param warmUpSeconds how long after power-up it cannot be tested, in seconds
public record Powering(double quiescentMilliamps, double alarmMilliamps, double leastVolts, int warmUpSeconds) {
    /// @throws IllegalArgumentException when a figure is out of bounds
    public Powering {
        Require.within(quiescentMilliamps, 0, 5000, "quiescent current in milliamps");
        Require.within(alarmMilliamps, 0, 5000, "alarm current in milliamps");
        Require.within(leastVolts, 0, 60, "least voltage in volts");
        Require.within(warmUpSeconds, 0, 3600, "warm-up time in seconds");
    }
}
