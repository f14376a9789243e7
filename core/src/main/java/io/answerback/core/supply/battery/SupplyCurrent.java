package io.answerback.core.supply.battery;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;

/// What a battery has to give: a quiescent current, and at the end an alarm.
///
/// @param standbyAmps the current at rest, in amperes
/// @param alarmAmps the current in alarm, in amperes
/// @param alarmHours how long the alarm must still be carried, in hours
/// @param usableShare the share of the battery that is used when the supply cuts off, 0 to 1: less than 1 where
///     it does so above the voltage the capacity is rated to
public record SupplyCurrent(double standbyAmps, double alarmAmps, double alarmHours, double usableShare) {
    private static final double MOST_AMP_HOURS = 1e6;

    /// @throws IllegalArgumentException when a figure is negative or beyond sense
    public SupplyCurrent {
        Require.within(standbyAmps, 0, 10_000, "quiescent current in amperes");
        Require.within(alarmAmps, 0, 10_000, "alarm current in amperes");
        Require.within(alarmHours, 0, 100, "alarm time in hours");
        Require.within(usableShare, 0, 1, "share of the battery until the supply cuts off");
    }

    /// What a battery has to give that is used to the voltage its capacity is rated to.
    public SupplyCurrent(double standbyAmps, double alarmAmps, double alarmHours) {
        this(standbyAmps, alarmAmps, alarmHours, 1);
    }

    /// What a battery has to give behind a supply that cuts off at a voltage. What would be left below the
    /// voltage the capacity is rated to is not counted on.
    ///
    /// @param cutOffVolts the battery voltage at which the supply cuts off
    public SupplyCurrent downTo(double cutOffVolts) {
        return new SupplyCurrent(standbyAmps, alarmAmps, alarmHours, Math.min(1, LeadAcid.usedAt(cutOffVolts)));
    }

    /// How many hours of standby a battery reaches and still carries the alarm: each phase takes the share of the
    /// battery that its time is of the time the battery would give that current. Zero when it does not even carry
    /// the alarm; infinite without a quiescent current.
    ///
    /// @param usableAmpHours what the battery can be counted on for, in ampere-hours
    public double standbyHours(double usableAmpHours) {
        double left = usableShare - alarmShare(usableAmpHours);
        return left <= 0 ? 0 : left * LeadAcid.hours(usableAmpHours, standbyAmps);
    }

    /// The share of a battery the alarm takes.
    public double alarmShare(double usableAmpHours) {
        return alarmHours == 0 ? 0 : alarmHours / LeadAcid.hours(usableAmpHours, alarmAmps);
    }

    /// The least a battery must be counted on for to reach some hours of standby and the alarm, in ampere-hours.
    ///
    /// @throws IllegalArgumentException when no battery could
    public double requiredAmpHours(double standbyHours) {
        if (standbyAmps == 0 && alarmAmps == 0) {
            return 0;
        }
        double low = 0;
        double high = 1;
        while (standbyHours(high) < standbyHours) {
            low = high;
            high *= 2;
            if (high > MOST_AMP_HOURS) {
                throw new IllegalArgumentException(Text.of(
                        "no battery carries %.1f A for %.0f h and %.1f A for %.2f h",
                        standbyAmps, standbyHours, alarmAmps, alarmHours));
            }
        }
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            if (standbyHours(middle) < standbyHours) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }
}
