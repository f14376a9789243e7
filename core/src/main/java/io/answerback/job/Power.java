package io.answerback.job;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/// What holds a site up when the mains fails: its batteries, and what is known better of its loads.
///
/// @param batteries at most one a supply
/// @param loads figures in place of those of the data, at most one a part
/// @param alarmSharePercent how much of the detectors' alarm load happens at once, in percent of all of it
/// @param ticks the steps of power-down and power-up that are done
/// @param readings what was measured at its supplies, oldest first
public record Power(
        List<Battery> batteries,
        List<LoadFigure> loads,
        double alarmSharePercent,
        List<Tick> ticks,
        List<SupplyReading> readings) {
    /// Nothing decided: no battery, loads as in the data, every detector in alarm at once.
    public static final Power UNDECIDED = new Power(List.of(), List.of(), 100, List.of(), List.of());

    /// @throws IllegalArgumentException when a supply has two batteries, a part two figures, or the share is out of
    ///     bounds
    public Power {
        batteries = JobParts.unique(
                batteries == null ? List.of() : batteries, Battery::module, "batteries", "battery of module");
        loads = JobParts.unique(loads == null ? List.of() : loads, LoadFigure::part, "loads", "load of");
        readings = List.copyOf(readings == null ? List.of() : readings);
        ticks = JobParts.unique(ticks == null ? List.of() : ticks, Tick::step, "ticks", "tick of step");
        Require.within(alarmSharePercent, 0, 100, "share of the detectors in alarm at once in percent");
    }

    /// The battery of a module's supply; empty while none is decided.
    public Optional<Battery> battery(String module) {
        return batteries.stream()
                .filter(battery -> battery.module().equals(module))
                .findFirst();
    }

    /// What is known better of a part's load; empty where the data hold.
    public Optional<LoadFigure> load(String part) {
        return loads.stream().filter(load -> load.part().equals(part)).findFirst();
    }

    /// The same with a battery in place of the one its module has.
    public Power with(Battery battery) {
        return new Power(in(batteries, battery, Battery::module), loads, alarmSharePercent, ticks, readings);
    }

    /// The same without the battery of a module.
    public Power withoutBattery(String module) {
        return new Power(
                batteries.stream()
                        .filter(battery -> !battery.module().equals(module))
                        .toList(),
                loads,
                alarmSharePercent,
                ticks,
                readings);
    }

    /// The same with a figure in place of the one its part has.
    public Power with(LoadFigure load) {
        return new Power(batteries, in(loads, load, LoadFigure::part), alarmSharePercent, ticks, readings);
    }

    /// The same with the data's figure for a part.
    public Power withoutLoad(String part) {
        return new Power(
                batteries,
                loads.stream().filter(load -> !load.part().equals(part)).toList(),
                alarmSharePercent,
                ticks,
                readings);
    }

    /// The same with another share of the detectors in alarm at once.
    public Power withAlarmSharePercent(double other) {
        return new Power(batteries, loads, other, ticks, readings);
    }

    /// The step of a check-run that was done; empty while it is open.
    public Optional<Tick> tick(String step) {
        return ticks.stream().filter(tick -> tick.step().equals(step)).findFirst();
    }

    /// The same with a step done.
    public Power with(Tick tick) {
        return new Power(batteries, loads, alarmSharePercent, in(ticks, tick, Tick::step), readings);
    }

    /// The same with every step open again whose name begins so.
    public Power withoutTicks(String prefix) {
        return new Power(
                batteries,
                loads,
                alarmSharePercent,
                ticks.stream().filter(tick -> !tick.step().startsWith(prefix)).toList(),
                readings);
    }

    /// What was measured of one quantity at a module, oldest first.
    public List<SupplyReading> readings(String module, SupplyReading.Quantity what) {
        return readings.stream()
                .filter(reading -> reading.module().equals(module) && reading.what() == what)
                .toList();
    }

    /// The same with one more reading.
    public Power with(SupplyReading reading) {
        return new Power(
                batteries,
                loads,
                alarmSharePercent,
                ticks,
                Stream.concat(readings.stream(), Stream.of(reading)).toList());
    }

    /// The same with every part's name changed.
    public Power withParts(Function<String, String> change) {
        return new Power(
                batteries,
                loads.stream()
                        .map(load -> new LoadFigure(
                                change.apply(load.part()),
                                load.quiescentMilliamps(),
                                load.alarmMilliamps(),
                                load.source()))
                        .toList(),
                alarmSharePercent,
                ticks,
                readings);
    }

    private static <T> List<T> in(List<T> parts, T other, Function<T, String> name) {
        Stream<T> rest = parts.stream().filter(part -> !name.apply(part).equals(name.apply(other)));
        return Stream.concat(rest, Stream.of(other)).toList();
    }
}
