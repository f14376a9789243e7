package io.answerback.core.supply;

import io.answerback.core.model.id.FedId;
import java.util.Optional;

/// The volts at one device or module in an alarm.
///
/// @param part the point or module
/// @param title what it is called
/// @param output what it hangs on, such as "Panel · 12V"
/// @param leastVolts the least it needs; 0 where that is not known
/// @param atFloat on mains, in volts
/// @param atNominal with 12 V at the battery, in volts
/// @param atEnd at the end of discharge, when the supply cuts off, in volts; each is 0 where the voltage has
///     collapsed
/// @param dropsOutAtVolts how far the battery has fallen when it drops out at rest already, in volts; empty
///     when it does not
/// @param dropsOutHours after how many hours without mains it drops out at rest already, cold, aged and with
///     the design margin like the battery's hours; empty when it does not, or no battery is decided
/// @param lengthsKnown whether every cable on the way has a length; otherwise its volts are lower than computed
public record DeviceVolts(
        FedId part,
        String title,
        String output,
        double leastVolts,
        double atFloat,
        double atNominal,
        double atEnd,
        Optional<Double> dropsOutAtVolts,
        Optional<Double> dropsOutHours,
        boolean lengthsKnown) {
    /// Whether it is not known to be short of volts: it works to the end of discharge, or nobody knows what it
    /// needs.
    public boolean ok() {
        return atEnd > 0 && atEnd >= leastVolts;
    }

    /// Whether it is known to work to the end of discharge.
    public boolean sound() {
        return ok() && leastVolts > 0 && lengthsKnown;
    }

    /// Whether no voltage is left for it at the end of discharge.
    public boolean collapsed() {
        return atEnd <= 0;
    }
}
