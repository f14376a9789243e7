package io.answerback.core.model.profile;

import io.answerback.core.model.common.Keyed;
import io.answerback.core.model.common.Require;
import java.util.List;
import java.util.Optional;

/// A supply with a battery behind it, as a board or a supply module has.
///
/// @param milliamps what it gives in all, the charge of its battery included, in milliamps
/// @param chargeMilliamps the most it charges with, in milliamps
/// @param mostAmpHours the largest battery it charges and its box holds, in ampere-hours
/// @param lowVolts the battery voltage at which it reports a low battery
/// @param cutOffVolts the battery voltage at which its low-voltage cut-off opens: the end of discharge
/// @param order in which order it is given power
/// @param batteryTestSeconds how often it lifts the charge to see whether there is a battery, in seconds; 0
///     where it does not
/// @param dropVolts what is lost on its board and fuse between the battery and its outputs, in volts; empty
///     where the maker does not say
/// @param faultOutputs the contacts on which it tells what is wrong with it; empty where it tells over the bus
///     or not at all
public record SupplyUnit(
        double milliamps,
        double chargeMilliamps,
        double mostAmpHours,
        double lowVolts,
        double cutOffVolts,
        PowerOrder order,
        int batteryTestSeconds,
        Optional<Double> dropVolts,
        List<FaultOutput> faultOutputs) {
    /// @throws IllegalArgumentException when a figure is out of bounds, or it cuts off before it reports
    public SupplyUnit {
        Require.within(milliamps, 1, 100_000, "what a supply gives in milliamps");
        Require.within(chargeMilliamps, 1, 20_000, "charge current of a supply in milliamps");
        Require.within(mostAmpHours, 0.5, 500, "largest battery of a supply in ampere-hours");
        Require.within(cutOffVolts, 8, 12, "volts at which a supply cuts off");
        order = order == null ? PowerOrder.BATTERY_FIRST : order;
        Require.within(batteryTestSeconds, 0, 86_400, "seconds between two tests of a battery");
        Require.within(lowVolts, cutOffVolts, 13, "volts at which a supply reports a low battery");
        dropVolts = dropVolts == null ? Optional.empty() : dropVolts;
        dropVolts.ifPresent(drop -> Require.within(drop, 0, 3, "drop on the board of a supply in volts"));
        faultOutputs = Keyed.of(
                faultOutputs == null ? List.of() : faultOutputs,
                output -> output.fault().words(),
                "faultOutputs of a supply",
                "output for");
    }

    /// The volts at its outputs while its battery, or its charger, has some volts; the drop on its board counts
    /// as none where it is not known.
    public double outputVolts(double batteryVolts) {
        return batteryVolts - dropVolts.orElse(0.0);
    }
}
