package io.answerback.cores;

import io.answerback.job.Terminal;
import java.util.List;

/// The terminals of one box and the cores that land on them.
///
/// @param module the box's name
/// @param strip its terminals, from the left; empty where the profile names none
/// @param cables the cables that come to it, in the order of its inputs
/// @param ring its tamper ring
public record BoxPlan(String module, List<Terminal> strip, List<CableCores> cables, TamperRing ring) {
    public BoxPlan {
        strip = List.copyOf(strip);
        cables = List.copyOf(cables);
    }

    /// The cores that belong under a terminal.
    ///
    /// @param terminal its place on the strip, from 0
    public List<CoreEnd> under(int terminal) {
        return cables.stream()
                .flatMap(cable -> cable.cores().stream()
                        .filter(core -> core.landing() instanceof Landing.Under under && under.terminal() == terminal)
                        .map(core -> new CoreEnd(cable.cable().id(), core.colour())))
                .toList();
    }

    /// How many cores there are to land, spares and those without a place left out.
    public int coresToLand() {
        return (int) cables.stream()
                .flatMap(cable -> cable.cores().stream())
                .filter(core -> core.landing() instanceof Landing.Under || core.landing() instanceof Landing.Joined)
                .count();
    }

    /// What the devices on a supply terminal take, in milliamps at rest and in alarm.
    ///
    /// @param terminal its place on the strip, from 0
    /// @param alarm whether all of them are in alarm
    public double milliampsOn(int terminal, boolean alarm) {
        return cables.stream()
                .filter(cable -> cable.cores().stream()
                        .anyMatch(
                                core -> core.landing() instanceof Landing.Under under && under.terminal() == terminal))
                .flatMap(cable -> cable.point().kind().powering().stream())
                .mapToDouble(power -> alarm ? power.alarmMilliamps() : power.quiescentMilliamps())
                .sum();
    }
}
