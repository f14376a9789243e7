package io.answerback.core.model.profile;

import io.answerback.core.model.common.Require;
import java.util.List;

/// What a panel hears by radio, and how it enrols what it hears.
///
/// @param onBoard whether its own board hears; where it does not, a radio receiver does
/// @param firstZone the first of its wireless zones; how many there are is said by its capacity
/// @param floorDecibelMilliwatts the weakest signal its maker promises it hears, in decibels over one milliwatt
/// @param supervisionMinutes how long it waits for a sign of life before it misses a device, in minutes
/// @param numbersInOrder whether each newly enrolled device gets the lowest wireless zone that is free; where
///     not, the zone is typed when it is enrolled
/// @param sharedBox the kinds of converter of which two go into one box, on one supply and battery, by id
/// @param enrolling how a device is enrolled, step by step, from the maker's manual; empty where the profile
///     does not say
public record RadioRule(
        boolean onBoard,
        int firstZone,
        double floorDecibelMilliwatts,
        int supervisionMinutes,
        boolean numbersInOrder,
        List<String> sharedBox,
        List<String> enrolling) {
    /// @throws IllegalArgumentException when a figure is out of bounds
    public RadioRule {
        Require.within(firstZone, 1, 999, "first wireless zone of the panel");
        Require.within(floorDecibelMilliwatts, -140, -20, "weakest signal the panel hears in dBm");
        Require.within(supervisionMinutes, 1, 10_000, "radio supervision of the panel in minutes");
        sharedBox = List.copyOf(sharedBox == null ? List.of() : sharedBox);
        enrolling = List.copyOf(enrolling == null ? List.of() : enrolling);
    }
}
