package io.answerback.supply;

import java.util.Optional;

/// The volts at one device or module in an alarm.
///
/// @param part the point or module
/// @param title what it is called
/// @param output what it hangs on, such as "Panel · 12V"
/// @param leastVolts the least it needs; 0 where that is not known
/// @param atFloat with the mains there, in volts
/// @param atNominal at 12 V from the battery, in volts
/// @param atEnd with the battery empty, in volts; each is 0 where the voltage has collapsed
/// @param fallsOutAtVolts how far the battery has fallen when it falls out at rest already, in volts; empty when it
/// does
///     not
/// @param fallsOutHours after how many hours without mains it falls out at rest already; empty when it does not
public record DeviceVolts(
        String part,
        String title,
        String output,
        double leastVolts,
        double atFloat,
        double atNominal,
        double atEnd,
        Optional<Double> fallsOutAtVolts,
        Optional<Double> fallsOutHours) {
    /// Whether it works until the battery is empty.
    public boolean ok() {
        return atEnd > 0 && atEnd >= leastVolts;
    }

    /// Whether no voltage is left for it with the battery empty.
    public boolean collapsed() {
        return atEnd <= 0;
    }
}
