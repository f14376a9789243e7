package io.answerback.supply;

import java.util.List;

/// What is fed from one output of a supply, with its cables.
///
/// @param module the module with the supply
/// @param output the terminal it is fed from, as printed
/// @param limitMilliamps what the output gives, in milliamps; 0 where that is not known
/// @param lines everything that hangs on it
/// @param atRest the tree with what is taken at rest
/// @param inAlarm the tree with what is taken in an alarm
public record SupplyTree(
        String module,
        String output,
        double limitMilliamps,
        List<LoadLine> lines,
        SupplyNode atRest,
        SupplyNode inAlarm) {
    public SupplyTree {
        lines = List.copyOf(lines);
    }

    /// What is taken from it in one of the two states, in milliamps at 12 V.
    public double milliamps(boolean alarm) {
        return Loads.milliamps(lines, alarm);
    }

    /// Its name with its module's, such as "Panel · 12V".
    public String title() {
        return module + " · " + output;
    }
}
