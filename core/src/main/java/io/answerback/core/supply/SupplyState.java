package io.answerback.core.supply;

import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.SupplyUnit;
import io.answerback.core.supply.battery.BatteryState;
import java.util.List;
import java.util.Optional;

/// One supply with everything it feeds.
///
/// @param module the module that has it
/// @param title what that module is called
/// @param unit what it gives and takes
/// @param direct what it feeds without a cable that is known: its own board, what is plugged in, what has no
///     cable yet
/// @param trees what hangs on its outputs
/// @param lines everything it feeds
/// @param battery its battery; empty when the load is beyond any
/// @param beyond why no battery can be found; empty when one can
/// @param volts the volts at everything on its outputs, in an alarm
/// @param visit what was measured at it against what it should be
public record SupplyState(
        ModuleId module,
        String title,
        SupplyUnit unit,
        List<LoadLine> direct,
        List<SupplyTree> trees,
        List<LoadLine> lines,
        Optional<BatteryState> battery,
        String beyond,
        List<DeviceVolts> volts,
        SupplyVisit visit) {
    public SupplyState {
        direct = List.copyOf(direct);
        trees = List.copyOf(trees);
        lines = List.copyOf(lines);
        volts = List.copyOf(volts);
    }

    /// What is taken from it in one of the two states, in milliamps at 12 V.
    public double milliamps(boolean alarm) {
        return Loads.milliamps(lines, alarm);
    }
}
