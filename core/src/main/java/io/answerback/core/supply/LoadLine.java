package io.answerback.core.supply;

import io.answerback.core.model.device.LoadType;
import io.answerback.core.model.id.FedId;

/// One line of a load list.
///
/// @param part the point or module
/// @param title what it is called
/// @param quiescentMilliamps what it takes at rest, its peaks by their share of the time, in milliamps at 12 V
/// @param alarmMilliamps what is counted for it in an alarm, in milliamps at 12 V: of detectors the share that
///     alarms at once
/// @param aloneMilliamps the most it takes itself in an alarm, in milliamps at 12 V
/// @param leastVolts the least voltage at which it still works; 0 where that is not known
/// @param loadType how its current depends on its voltage
/// @param source where the figures are from, in plain words
public record LoadLine(
        FedId part,
        String title,
        double quiescentMilliamps,
        double alarmMilliamps,
        double aloneMilliamps,
        double leastVolts,
        LoadType loadType,
        String source) {
    /// Something that takes all of its alarm current in every alarm.
    LoadLine(
            FedId part,
            String title,
            double quiescentMilliamps,
            double alarmMilliamps,
            double leastVolts,
            LoadType loadType,
            String source) {
        this(part, title, quiescentMilliamps, alarmMilliamps, alarmMilliamps, leastVolts, loadType, source);
    }

    /// What it takes in one of the two states, in milliamps.
    public double milliamps(boolean alarm) {
        return alarm ? alarmMilliamps : quiescentMilliamps;
    }

    /// The same where only a share of what it takes more in an alarm is counted, 0 to 1. What it takes itself
    /// stays.
    LoadLine inAlarm(double share) {
        double more = Math.max(0, alarmMilliamps - quiescentMilliamps);
        return new LoadLine(
                part,
                title,
                quiescentMilliamps,
                quiescentMilliamps + more * share,
                aloneMilliamps,
                leastVolts,
                loadType,
                source);
    }

    SupplyNode.Load load(boolean alarm) {
        return new SupplyNode.Load(part, loadType, milliamps(alarm) / 1000);
    }
}
