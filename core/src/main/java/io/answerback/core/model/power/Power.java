package io.answerback.core.model.power;

import io.answerback.core.model.common.Keyed;
import io.answerback.core.model.common.Require;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.SupplyFault;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/// What holds a site up when the mains fails: its batteries, and what is known better of its loads.
///
/// @param batteries at most one a supply
/// @param loads figures in place of those of the data, at most one a part
/// @param alarmSharePercent how much of the detectors' alarm load happens at once, in percent of all of it
/// @param ticks the steps of power-down and power-up that are done
/// @param readings what was measured at its supplies, oldest first
/// @param sounding how its sounders are set
/// @param watches the points that tell when something is wrong with a supply, at most one a fault
/// @param changes the batteries that were taken out, oldest first
@RecordBuilder
public record Power(
        List<Battery> batteries,
        List<LoadFigure> loads,
        double alarmSharePercent,
        List<Tick> ticks,
        List<SupplyReading> readings,
        Sounding sounding,
        List<SupplyWatch> watches,
        List<BatteryChange> changes)
        implements PowerBuilder.With {
    /// Nothing decided: no battery, loads as in the data, every detector in alarm at once.
    public static final Power UNDECIDED =
            new Power(List.of(), List.of(), 100, List.of(), List.of(), Sounding.UNDECIDED, List.of(), List.of());

    /// @throws IllegalArgumentException when a supply has two batteries, a part two figures, a fault two
    ///     points, or the share is out of bounds
    public Power {
        batteries =
                Keyed.of(batteries == null ? List.of() : batteries, Battery::module, "batteries", "battery of module");
        loads = Keyed.of(loads == null ? List.of() : loads, LoadFigure::part, "loads", "load of");
        readings = List.copyOf(readings == null ? List.of() : readings);
        ticks = Keyed.of(ticks == null ? List.of() : ticks, Tick::step, "ticks", "tick of step");
        Require.within(alarmSharePercent, 0, 100, "share of the detectors in alarm at once in percent");
        sounding = sounding == null ? Sounding.UNDECIDED : sounding;
        watches = Keyed.of(watches == null ? List.of() : watches, SupplyWatch::key, "watches", "watch of");
        changes = List.copyOf(changes == null ? List.of() : changes);
    }

    /// The battery of a module's supply; empty while none is decided.
    public Optional<Battery> battery(ModuleId module) {
        return batteries.stream()
                .filter(battery -> battery.module().equals(module))
                .findFirst();
    }

    /// What is known better of a part's load; empty where the data hold.
    public Optional<LoadFigure> load(FedId part) {
        return loads.stream().filter(load -> load.part().equals(part)).findFirst();
    }

    /// The same with a battery in place of the one its module has.
    public Power with(Battery battery) {
        return withBatteries(in(batteries, battery, Battery::module));
    }

    /// The same without the battery of a module.
    public Power withoutBattery(ModuleId module) {
        return withBatteries(batteries.stream()
                .filter(battery -> !battery.module().equals(module))
                .toList());
    }

    /// The same with a figure in place of the one its part has.
    public Power with(LoadFigure load) {
        return withLoads(in(loads, load, LoadFigure::part));
    }

    /// The same with the data's figure for a part.
    public Power withoutLoad(FedId part) {
        return withLoads(
                loads.stream().filter(load -> !load.part().equals(part)).toList());
    }

    /// The step of a check-run that was done; empty while it is open.
    public Optional<Tick> tick(String step) {
        return ticks.stream().filter(tick -> tick.step().equals(step)).findFirst();
    }

    /// The same with a step done.
    public Power with(Tick tick) {
        return withTicks(in(ticks, tick, Tick::step));
    }

    /// The same with every step open again whose name begins so.
    public Power withoutTicks(String prefix) {
        return withTicks(
                ticks.stream().filter(tick -> !tick.step().startsWith(prefix)).toList());
    }

    /// What was measured of one quantity at a module, oldest first.
    public List<SupplyReading> readings(ModuleId module, SupplyReading.Quantity what) {
        return readings.stream()
                .filter(reading -> reading.module().equals(module) && reading.what() == what)
                .toList();
    }

    /// The same with one more reading.
    public Power with(SupplyReading reading) {
        return withReadings(and(readings, reading));
    }

    /// The same with its sounders set otherwise.
    public Power with(Sounding other) {
        return withSounding(other);
    }

    /// The point that tells of a fault of a module's supply; empty where none does.
    public Optional<PointId> watch(ModuleId module, SupplyFault fault) {
        return watches.stream()
                .filter(watch -> watch.module().equals(module) && watch.fault() == fault)
                .map(SupplyWatch::pointId)
                .findFirst();
    }

    /// The same with a point that tells of a fault.
    public Power with(SupplyWatch watch) {
        return withWatches(in(watches, watch, SupplyWatch::key));
    }

    /// The same with no point that tells of a fault.
    public Power withoutWatch(ModuleId module, SupplyFault fault) {
        return withWatches(watches.stream()
                .filter(watch -> !watch.module().equals(module) || watch.fault() != fault)
                .toList());
    }

    /// The same with a battery in place of the one its module has, which is kept as taken out.
    public Power with(BatteryChange change, Battery battery) {
        return with(draft -> {
            draft.batteries(in(batteries, battery, Battery::module));
            draft.changes(and(changes, change));
        });
    }

    /// The same with every point's number changed.
    public Power withPoints(UnaryOperator<PointId> change) {
        return with(draft -> {
            draft.loads(loads.stream()
                    .map(load -> new LoadFigure(
                            load.part() instanceof PointId point ? change.apply(point) : load.part(),
                            load.quiescentMilliamps(),
                            load.alarmMilliamps(),
                            load.source()))
                    .toList());
            draft.watches(watches.stream()
                    .map(watch -> new SupplyWatch(watch.module(), watch.fault(), change.apply(watch.pointId())))
                    .toList());
        });
    }

    /// The same without what was decided of some points.
    public Power withoutPoints(Collection<PointId> ids) {
        boolean any = loads.stream().anyMatch(load -> load.part() instanceof PointId point && ids.contains(point))
                || watches.stream().anyMatch(watch -> ids.contains(watch.pointId()));
        return any
                ? with(draft -> {
                    draft.loads(loads.stream()
                            .filter(load -> !(load.part() instanceof PointId point && ids.contains(point)))
                            .toList());
                    draft.watches(watches.stream()
                            .filter(watch -> !ids.contains(watch.pointId()))
                            .toList());
                })
                : this;
    }

    /// The same without what was decided of a module that is taken off the wall. What was measured stays.
    public Power withoutModule(ModuleId module) {
        return with(draft -> {
            draft.batteries(batteries.stream()
                    .filter(battery -> !battery.module().equals(module))
                    .toList());
            draft.loads(
                    loads.stream().filter(load -> !load.part().equals(module)).toList());
            draft.watches(watches.stream()
                    .filter(watch -> !watch.module().equals(module))
                    .toList());
            draft.sounding(sounding.without(module));
        });
    }

    private static <T> List<T> and(List<T> parts, T other) {
        return Stream.concat(parts.stream(), Stream.of(other)).toList();
    }

    private static <T> List<T> in(List<T> parts, T other, Function<T, ?> key) {
        Stream<T> rest = parts.stream().filter(part -> !key.apply(part).equals(key.apply(other)));
        return and(rest.toList(), other);
    }
}
