package io.answerback.core.model.practice;

import io.answerback.core.model.common.Require;

/// A figure the house rules state. Each is a rule of a firm, a country or a standard, so its value is always
/// data; the bounds here only refuse what cannot be meant.
public enum RuleFigure {
    /// How long the battery must carry the system when nobody is told of a mains failure, in hours.
    STANDBY_HOURS("h", 1, 240),
    /// The same when the mains failure is reported to the station, in hours.
    STANDBY_HOURS_REPORTED("h", 1, 240),
    /// How long the battery must then still carry an alarm, in minutes.
    ALARM_MINUTES("min", 0, 240),
    /// How fast an empty battery must be back at 80 %, in hours.
    RECHARGE_HOURS("h", 1, 240),
    /// The longest a sounder may sound, in minutes.
    SIREN_MINUTES("min", 0, 120),
    /// The longest entry time, in seconds.
    ENTRY_SECONDS("s", 0, 300),
    /// The longest exit time, in seconds.
    EXIT_SECONDS("s", 0, 600),
    /// The longest a station may take to answer, in seconds.
    ANSWER_SECONDS("s", 1, 600),
    /// The longest between two test messages, in hours.
    TEST_HOURS("h", 1, 1000),
    /// Within what time the station must notice that the system is silent, by its transmission class, in hours.
    REPORTING_HOURS("h", 0.01, 1000),
    /// How long the station lets pass after a message is missing before it takes the system for silent, in seconds:
    /// its own timer, as agreed with it.
    STATION_WAIT_SECONDS("s", 0, 86_400),
    /// How often one zone may alarm before it is left out.
    MOST_ALARMS("times", 1, 99),
    /// The longest within which a second detector counts as confirming the first, in minutes.
    CONFIRMATION_MINUTES("min", 1, 600),
    /// The longest the panel may wait before it sends a burglary, in seconds.
    REPORT_DELAY_SECONDS("s", 0, 600),
    /// The shortest entry time, in seconds; 0 for none.
    LEAST_ENTRY_SECONDS("s", 0, 300),
    /// The shortest exit time, in seconds; 0 for none.
    LEAST_EXIT_SECONDS("s", 0, 600),
    /// The shortest time the panel has to wait before it sends a burglary, in seconds; 0 for none.
    LEAST_REPORT_DELAY_SECONDS("s", 0, 600),
    /// The longest between two service visits, in months.
    SERVICE_MONTHS("months", 1, 60),
    /// The most a battery may be charged with, in percent of its rated capacity an hour.
    MOST_CHARGE_PERCENT("%", 1, 200),
    /// How long a battery is kept, in years.
    BATTERY_YEARS("years", 1, 15),
    /// How long a battery inside a wireless device is kept, in years.
    DEVICE_BATTERY_YEARS("years", 0.5, 15),
    /// The longest a wireless device may be silent before it is missed, in minutes.
    SUPERVISION_MINUTES("min", 1, 10_000),
    /// How far over the weakest signal that is heard every wireless device must be, in decibels.
    RADIO_MARGIN_DECIBELS("dB", 0, 60),
    /// The least share of a band's half-width a loop must have left, in percent.
    LEAST_LOOP_MARGIN_PERCENT("%", 0, 100),
    /// The leak against which loops are tried, in ohms: a wet joint across the pair.
    DAMP_JOINT_OHMS("Ω", 1, 1e9);

    private final String unit;
    private final double least;
    private final double most;

    RuleFigure(String unit, double least, double most) {
        this.unit = unit;
        this.least = least;
        this.most = most;
    }

    /// Its unit, as it stands after the value.
    public String unit() {
        return unit;
    }

    /// Returns `value` when it can be meant.
    ///
    /// @throws IllegalArgumentException when it is out of bounds
    public double require(double value) {
        return Require.within(
                value, least, most, name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ') + " in the rules");
    }
}
