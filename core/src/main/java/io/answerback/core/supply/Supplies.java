package io.answerback.core.supply;

import io.answerback.core.battery.BatteryState;
import io.answerback.core.battery.SupplyCurrent;
import io.answerback.core.cores.Cabling;
import io.answerback.core.cores.CorePlan;
import io.answerback.core.id.CableId;
import io.answerback.core.id.FedId;
import io.answerback.core.id.ModuleId;
import io.answerback.core.memo.Fact;
import io.answerback.core.power.Battery;
import io.answerback.core.profile.ModuleKind;
import io.answerback.core.profile.SupplyUnit;
import io.answerback.core.receiver.EventGroup;
import io.answerback.core.receiver.Told;
import io.answerback.core.setup.Intent;
import io.answerback.core.site.PanelModule;
import io.answerback.core.site.Parts;
import io.answerback.core.supply.PowerRun.Direction;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Every supply of a job: its loads, its battery against the rule, and the volts at the far ends.
///
/// @param states the supplies in the order of the modules
/// @param circles the cables that feed each other in a circle, by label
/// @param sounders what sounds, and the outputs that make it
/// @param bus what is fed over the keypad bus
/// @param loads what flows through each cable
/// @param runs the steps of power-down and power-up
public record Supplies(
        List<SupplyState> states,
        List<CableId> circles,
        Sounders sounders,
        BusLoad bus,
        LoadsThrough loads,
        Map<Direction, List<CheckStep>> runs) {
    /// The supplies of a job.
    public static final Fact<Supplies> FACT = Fact.of("supplies", facts -> of(facts, CorePlan.cabling(facts)));

    public Supplies {
        states = List.copyOf(states);
        circles = List.copyOf(circles);
        runs = Map.copyOf(runs);
    }

    /// What is taken through some cables in one of the two states, with all that hangs on them, in milliamps at
    /// 12 V.
    ///
    /// @param cableIds the cables, none of which feeds another
    public double through(Collection<CableId> cableIds, boolean alarm) {
        return loads.milliamps(cableIds, alarm);
    }

    /// Works out the supplies of a job.
    public static Supplies of(Parts job, Cabling plan) {
        Map<FedId, LoadLine> lines = Loads.of(job);
        SupplyTrees trees = new SupplyTrees(job, plan, lines);
        List<SoundOutput> sounding = Sounders.outputs(job, plan, lines);
        List<SupplyState> states = new ArrayList<>();
        boolean first = true;
        for (PanelModule module : job.modules()) {
            Optional<SupplyUnit> unit = job.kindOf(module).flatMap(ModuleKind::supply);
            if (unit.isPresent()) {
                List<SupplyTree> its = trees.trees().stream()
                        .filter(tree -> tree.module().equals(module.id()))
                        .map(tree -> tree.without(sounding))
                        .toList();
                states.add(state(job, module.id(), unit.get(), its, direct(job, module, first, lines, trees)));
                first = false;
            }
        }
        List<DeviceVolts> volts =
                states.stream().flatMap(state -> state.volts().stream()).toList();
        return new Supplies(
                states,
                trees.circles(),
                Sounders.of(job, plan, lines, volts, sounding),
                BusLoad.of(job, plan, trees.trees()),
                LoadsThrough.of(job, trees.beginning(), lines, sounding),
                Map.of(Direction.DOWN, PowerRun.of(job, Direction.DOWN), Direction.UP, PowerRun.of(job, Direction.UP)));
    }

    /// The first supply feeds all that hangs on no output of any: the others their own board only.
    private static List<LoadLine> direct(
            Parts job, PanelModule module, boolean first, Map<FedId, LoadLine> lines, SupplyTrees trees) {
        return lines.values().stream()
                .filter(line -> line.part().equals(module.id())
                        || first && !trees.fed().contains(line.part()) && !suppliesItself(job, line.part()))
                .toList();
    }

    private static boolean suppliesItself(Parts job, FedId part) {
        return part instanceof ModuleId module
                && job.kindOf(module).filter(ModuleKind::suppliesItself).isPresent();
    }

    private static SupplyState state(
            Parts job, ModuleId module, SupplyUnit unit, List<SupplyTree> trees, List<LoadLine> direct) {
        List<LoadLine> lines = new ArrayList<>(direct);
        trees.forEach(tree -> lines.addAll(tree.lines()));
        Optional<Battery> fitted = job.power().battery(module);
        Optional<BatteryState> battery = Optional.empty();
        String beyond = "";
        SupplyCurrent draw = new SupplyCurrent(
                        Loads.milliamps(lines, false) / 1000,
                        Loads.milliamps(lines, true) / 1000,
                        BatteryState.alarmHours(job.practice()))
                .downTo(unit.cutOffVolts());
        try {
            battery = Optional.of(BatteryState.of(fitted, unit, draw, job.practice(), mainsFailureReported(job)));
        } catch (IllegalArgumentException none) {
            beyond = none.getMessage();
        }
        FarVolts volts = new FarVolts(unit, draw, battery);
        return new SupplyState(
                module,
                job.nameOf(module),
                unit,
                direct,
                trees,
                lines,
                battery,
                beyond,
                trees.stream().flatMap(tree -> volts.of(tree).stream()).toList(),
                SupplyVisit.of(job, module, lines));
    }

    /// Whether a mains failure would get to the station: the panel is to report troubles, an account it would
    /// go out under is there, and a receiver is on the route.
    private static boolean mainsFailureReported(Parts job) {
        boolean accounted =
                job.areas().stream().anyMatch(area -> !area.account().isEmpty());
        return accounted
                && job.receivers().stream()
                        .anyMatch(receiver -> receiver.reception().of(EventGroup.FAULT) != Told.NEVER)
                && new Intent(job).reportsTroubles();
    }
}
