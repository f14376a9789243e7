package io.answerback.core.supply;

import io.answerback.core.model.device.SounderUnit;
import io.answerback.core.model.device.SounderUnit.Level;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.supply.battery.BatteryWear;
import io.answerback.core.supply.battery.LeadAcid;
import java.util.Optional;

/// A sounder as it is set: what it takes, how long it sounds, and whether its battery carries that.
///
/// @param part the module
/// @param title what it is called
/// @param unit how its kind sounds
/// @param level what its link is set to
/// @param volts the volts at it in an alarm; empty while no cable brings it a supply
/// @param ownMinutes how long the battery inside it sounds, cold, old and worn to the share of its capacity it
///     is replaced at, in minutes; empty without one
/// @param rechargeHours how long that battery takes to be full again, in hours; empty without one
public record SounderState(
        ModuleId part,
        String title,
        SounderUnit unit,
        Level level,
        Optional<DeviceVolts> volts,
        Optional<Double> ownMinutes,
        Optional<Double> rechargeHours) {
    private static final double MINUTES = 60;
    private static final double MILLI = 1000;

    /// A sounder as it is set.
    ///
    /// @param coldestCelsius how cold it gets where it hangs, in degrees Celsius
    static SounderState of(
            ModuleId part,
            String title,
            SounderUnit unit,
            Level level,
            Optional<DeviceVolts> volts,
            double coldestCelsius) {
        BatteryWear wear = BatteryWear.designed(coldestCelsius);
        return new SounderState(
                part,
                title,
                unit,
                level,
                volts,
                unit.battery()
                        .map(own -> MINUTES * LeadAcid.hours(wear.usable(own.ampHours()), level.milliamps() / MILLI)),
                unit.battery().map(own -> own.ampHours() * MILLI / own.chargeMilliamps()));
    }

    /// For how long it sounds when the panel asks for some minutes: no longer than it does by itself, and no
    /// longer than the battery inside it lasts.
    public double soundsMinutes(double askedMinutes) {
        double cut = unit.mostMinutes() > 0 ? Math.min(askedMinutes, unit.mostMinutes()) : askedMinutes;
        return Math.min(cut, ownMinutes.orElse(cut));
    }

    /// Whether its own timer ends it before the time that is asked for.
    public boolean stopsBefore(double askedMinutes) {
        return unit.mostMinutes() > 0 && unit.mostMinutes() < askedMinutes;
    }

    /// Whether its own battery carries the sounding that is asked for.
    public boolean lasts(double askedMinutes) {
        double cut = unit.mostMinutes() > 0 ? Math.min(askedMinutes, unit.mostMinutes()) : askedMinutes;
        return ownMinutes.filter(own -> own < cut).isEmpty();
    }
}
