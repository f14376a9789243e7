package io.answerback.core.supply;

import io.answerback.core.model.power.Battery;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.supply.battery.BatteryState;
import io.answerback.core.supply.battery.BatteryWear;
import io.answerback.core.supply.battery.LeadAcid;
import io.answerback.core.supply.battery.SupplyCurrent;
import io.soabase.recordbuilder.core.RecordBuilder;

/// How a battery would hold up: what is asked "what if" on the plot. Any figure can be other than it is on the
/// job.
///
/// @param ratedAmpHours the rated capacity, in ampere-hours
/// @param years how old it is, in years
/// @param lifeYears how long a battery is kept, in years
/// @param celsius how cold it gets, in degrees Celsius
/// @param designMargin what the need is multiplied by
/// @param draw what it has to give
@RecordBuilder
public record StandbyForecast(
        double ratedAmpHours, double years, double lifeYears, double celsius, double designMargin, SupplyCurrent draw)
        implements StandbyForecastBuilder.With {
    /// The job as it is: the battery at the end of its life in the coldest it gets, or the smallest that would do
    /// where none is decided.
    public static StandbyForecast of(BatteryState battery, Practice practice) {
        double life = practice.figure(RuleFigure.BATTERY_YEARS);
        double rated = battery.fitted()
                .map(Battery::ratedAmpHours)
                .or(battery::stockAmpHours)
                .orElse(battery.requiredAmpHours());
        return new StandbyForecast(
                rated, life, life, battery.wear().celsius(), battery.wear().designMargin(), battery.draw());
    }

    private BatteryWear wear() {
        return new BatteryWear(celsius, BatteryWear.ageShare(years, lifeYears), designMargin);
    }

    /// The hours of standby it reaches and still carries the alarm, with the design margin.
    public double standbyHours() {
        return draw.standbyHours(wear().usable(ratedAmpHours));
    }

    /// The hours over which the quiescent current alone uses the capacity that is counted on, cold, aged and
    /// with the design margin: the same basis as [#standbyHours].
    private double wholeHours() {
        return LeadAcid.hours(wear().usable(ratedAmpHours), draw.standbyAmps());
    }

    /// The hours until the quiescent current alone has brought it to a supply's cut-off, on the basis of
    /// [#standbyHours].
    ///
    /// @param cutOffVolts the battery voltage at which the supply cuts off
    public double endHours(double cutOffVolts) {
        return hoursTo(cutOffVolts);
    }

    /// Its volts after some hours without mains at the quiescent current, on the basis of [#standbyHours].
    public double voltsAfter(double hours) {
        return LeadAcid.volts(hours / wholeHours());
    }

    /// The hours until its volts have fallen so far, on the basis of [#standbyHours].
    public double hoursTo(double volts) {
        return LeadAcid.usedAt(volts) * wholeHours();
    }

    /// The same battery new and warm.
    public StandbyForecast asNew() {
        return new StandbyForecast(ratedAmpHours, 0, lifeYears, 25, 1, draw);
    }

    /// The same with another battery.
    public StandbyForecast withRated(double other) {
        return new StandbyForecast(other, years, lifeYears, celsius, designMargin, draw);
    }

    /// The same with another quiescent current, in amperes; the alarm takes as much more as it did.
    public StandbyForecast withStandby(double amps) {
        double more = draw.alarmAmps() - draw.standbyAmps();
        return new StandbyForecast(
                ratedAmpHours,
                years,
                lifeYears,
                celsius,
                designMargin,
                new SupplyCurrent(amps, amps + more, draw.alarmHours(), draw.usableShare()));
    }
}
