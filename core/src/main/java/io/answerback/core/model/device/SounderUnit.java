package io.answerback.core.model.device;

import io.answerback.core.model.common.Keyed;
import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import java.util.List;
import java.util.Optional;

/// How a sounder is made to sound, and what it takes then. Figures are at 12 V.
///
/// @param levels how loud a link on its board can make it, that it leaves the maker with first
/// @param strobeMilliamps what its strobe takes, in milliamps; 0 without one
/// @param signalMilliamps what its trigger takes where that is a signal only, in milliamps
/// @param holdOff whether it is held silent by its trigger, and sounds when that goes
/// @param battery the battery inside it, from which it then sounds; empty where it sounds from what comes to it
/// @param mostMinutes after how many minutes it falls silent by itself, in minutes; 0 where it does not
/// @param inrushMilliamps what it takes for a moment when it starts, in milliamps; empty where its maker
///     does not say
public record SounderUnit(
        List<Level> levels,
        double strobeMilliamps,
        double signalMilliamps,
        boolean holdOff,
        Optional<OwnBattery> battery,
        double mostMinutes,
        Optional<Double> inrushMilliamps) {
    /// A setting of the link on its board.
    ///
    /// @param name what the link is called there, such as "high"
    /// @param milliamps what it takes while it sounds, in milliamps
    /// @param leastVolts the least voltage at which it sounds
    public record Level(String name, double milliamps, double leastVolts) {
        /// @throws IllegalArgumentException when the name is blank or a figure out of bounds
        public Level {
            name = Require.text(name, "name of a sounder's link");
            Require.within(milliamps, 1, 20_000, Text.of("current of a sounder on %s in milliamps", name));
            Require.within(leastVolts, 0, 60, Text.of("least voltage of a sounder on %s in volts", name));
        }
    }

    /// The battery inside a sounder.
    ///
    /// @param ampHours its rated capacity, in ampere-hours
    /// @param chargeMilliamps what the supply charges it with, in milliamps
    public record OwnBattery(double ampHours, double chargeMilliamps) {
        /// @throws IllegalArgumentException when a figure is out of bounds
        public OwnBattery {
            Require.within(ampHours, 0.05, 50, "capacity of a sounder's battery in ampere-hours");
            Require.within(chargeMilliamps, 1, 2000, "charge of a sounder's battery in milliamps");
        }
    }

    /// @throws IllegalArgumentException when it has no level, two of one name, or a figure is out of bounds
    public SounderUnit {
        levels = Keyed.of(levels == null ? List.of() : levels, Level::name, "levels of a sounder", "link");
        if (levels.isEmpty()) {
            throw new IllegalArgumentException("a sounder has at least one level; say what it takes while it sounds");
        }
        Require.within(strobeMilliamps, 0, 5000, "current of a strobe in milliamps");
        Require.within(signalMilliamps, 0, 1000, "current of a sounder's drive in milliamps");
        Require.within(mostMinutes, 0, 120, "minutes after which a sounder falls silent by itself");
        battery = battery == null ? Optional.empty() : battery;
        inrushMilliamps = inrushMilliamps == null ? Optional.empty() : inrushMilliamps;
        inrushMilliamps.ifPresent(its -> Require.within(its, 1, 50_000, "inrush of a sounder in milliamps"));
    }

    /// One whose inrush is not known.
    public SounderUnit(
            List<Level> levels,
            double strobeMilliamps,
            double signalMilliamps,
            boolean holdOff,
            Optional<OwnBattery> battery,
            double mostMinutes) {
        this(levels, strobeMilliamps, signalMilliamps, holdOff, battery, mostMinutes, Optional.empty());
    }

    /// The level of a link by its name; the first where there is none of that name.
    public Level level(String name) {
        return levels.stream()
                .filter(level -> level.name().equals(name))
                .findFirst()
                .orElseGet(levels::getFirst);
    }

    /// Whether the output that makes it sound has to give what it sounds with.
    public boolean driven() {
        return battery.isEmpty() && !holdOff;
    }
}
