package io.answerback.core.supply.battery;

import io.answerback.core.model.power.Battery;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.SupplyUnit;
import java.util.Optional;

/// A supply's battery against the rule.
///
/// @param fitted the battery; empty while none is decided
/// @param draw what it has to give
/// @param wear as a design has to count on it: cold where it stands, at the end of its life, with the design
///     margin
/// @param reported whether a mains failure would reach the station, which shortens the standby of some rules
/// @param ruleHours the standby that is asked for, in hours
/// @param standbyHours the standby it reaches so; 0 without a battery, infinite without a load
/// @param standbyHoursNew what it reaches new and warm, with nothing kept back
/// @param requiredAmpHours the least rated capacity that reaches the rule, in ampere-hours
/// @param stockAmpHours the smallest that is sold, reaches the rule, and that the supply takes and does not charge
///     too fast; empty when none is
/// @param recharge how long it takes to be filled again
/// @param rechargeRuleHours how long it may take to 80 %, in hours
public record BatteryState(
        Optional<Battery> fitted,
        SupplyCurrent draw,
        BatteryWear wear,
        boolean reported,
        double ruleHours,
        double standbyHours,
        double standbyHoursNew,
        double requiredAmpHours,
        Optional<Double> stockAmpHours,
        Recharge recharge,
        double rechargeRuleHours) {
    /// How cold it is counted to get where nobody has said, in degrees Celsius.
    public static final double INDOORS_CELSIUS = 10;

    private static final double MINUTES = 60;

    /// The battery of a supply.
    ///
    /// @param reported whether a mains failure would reach the station
    /// @throws IllegalArgumentException when the load is beyond any battery
    public static BatteryState of(
            Optional<Battery> fitted, SupplyUnit unit, SupplyCurrent draw, Practice practice, boolean reported) {
        double coldest = fitted.map(Battery::coldestCelsius).orElse(INDOORS_CELSIUS);
        BatteryWear wear = BatteryWear.designed(coldest);
        double rule = practice.figure(reported ? RuleFigure.STANDBY_HOURS_REPORTED : RuleFigure.STANDBY_HOURS);
        double required = draw.requiredAmpHours(rule) / wear.usable(1);
        double rated = fitted.map(Battery::ratedAmpHours).orElse(0.0);
        double charge = Math.min(unit.chargeMilliamps() / 1000, unit.milliamps() / 1000 - draw.standbyAmps());
        return new BatteryState(
                fitted,
                draw,
                wear,
                reported,
                rule,
                rated == 0 ? 0 : draw.standbyHours(wear.usable(rated)),
                rated == 0 ? 0 : draw.standbyHours(BatteryWear.NONE.usable(rated)),
                required,
                LeadAcid.STOCK_AMP_HOURS.stream()
                        .filter(size -> size >= required && size <= unit.mostAmpHours())
                        .filter(size -> chargePercent(unit, size) <= practice.figure(RuleFigure.MOST_CHARGE_PERCENT))
                        .findFirst(),
                Recharge.of(rated, charge),
                practice.figure(RuleFigure.RECHARGE_HOURS));
    }

    public static double alarmHours(Practice practice) {
        return practice.figure(RuleFigure.ALARM_MINUTES) / MINUTES;
    }

    /// Its rated capacity, in ampere-hours; 0 without one.
    public double ratedAmpHours() {
        return fitted.map(Battery::ratedAmpHours).orElse(0.0);
    }

    /// What the charger may give it for each ampere-hour of its rated capacity, in percent; empty without one.
    public Optional<Double> chargePercent(SupplyUnit unit) {
        return fitted.map(its -> chargePercent(unit, its.ratedAmpHours()));
    }

    private static double chargePercent(SupplyUnit unit, double ratedAmpHours) {
        return 100 * unit.chargeMilliamps() / 1000 / ratedAmpHours;
    }

    /// Whether it reaches the rule.
    public boolean enough() {
        return standbyHours >= ruleHours;
    }
}
