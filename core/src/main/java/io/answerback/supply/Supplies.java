package io.answerback.supply;

import io.answerback.cores.CorePlan;
import io.answerback.job.Battery;
import io.answerback.job.Job;
import io.answerback.job.ModuleKind;
import io.answerback.job.PanelModule;
import io.answerback.job.SupplyUnit;
import io.answerback.supply.PowerRun.Direction;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Every supply of a job: its loads, its battery against the rule, and the volts at the far ends.
///
/// @param states the supplies in the order of the modules
/// @param circles the cables that feed each other in a circle, by label
/// @param sounders what sounds, and the outputs that make it
/// @param bus what is fed over the keypad bus
/// @param runs the steps of power-down and power-up
public record Supplies(
        List<SupplyState> states,
        List<String> circles,
        Sounders sounders,
        BusLoad bus,
        Map<Direction, List<CheckStep>> runs) {
    public Supplies {
        states = List.copyOf(states);
        circles = List.copyOf(circles);
        runs = Map.copyOf(runs);
    }

    /// Works out the supplies of a job.
    public static Supplies of(Job job, CorePlan plan) {
        Map<String, LoadLine> lines = Loads.of(job);
        SupplyTrees trees = new SupplyTrees(job, plan, lines);
        List<SupplyState> states = new ArrayList<>();
        boolean first = true;
        for (PanelModule module : job.modules()) {
            Optional<SupplyUnit> unit =
                    Optional.ofNullable(trees.kinds().get(module.name())).flatMap(ModuleKind::supply);
            if (unit.isPresent()) {
                states.add(state(job, module.name(), unit.get(), trees, direct(job, module, first, lines, trees)));
                first = false;
            }
        }
        List<DeviceVolts> volts =
                states.stream().flatMap(state -> state.volts().stream()).toList();
        return new Supplies(
                states,
                trees.circles(),
                Sounders.of(job, plan, lines, volts),
                BusLoad.of(job, plan, trees.trees()),
                Map.of(Direction.DOWN, PowerRun.of(job, Direction.DOWN), Direction.UP, PowerRun.of(job, Direction.UP)));
    }

    /// The first supply feeds all that hangs on no output of any: the others their own board only.
    private static List<LoadLine> direct(
            Job job, PanelModule module, boolean first, Map<String, LoadLine> lines, SupplyTrees trees) {
        return lines.values().stream()
                .filter(line -> line.part().equals(module.name())
                        || first && !trees.fed().contains(line.part()) && !hasSupply(job, line.part(), trees.kinds()))
                .toList();
    }

    private static boolean hasSupply(Job job, String part, Map<String, ModuleKind> kinds) {
        return job.module(part).isPresent()
                && Optional.ofNullable(kinds.get(part))
                        .filter(kind -> kind.supply().isPresent() || kind.ownSupply())
                        .isPresent();
    }

    private static SupplyState state(Job job, String module, SupplyUnit unit, SupplyTrees all, List<LoadLine> direct) {
        List<SupplyTree> trees = all.trees().stream()
                .filter(tree -> tree.module().equals(module))
                .toList();
        List<LoadLine> lines = new ArrayList<>(direct);
        trees.forEach(tree -> lines.addAll(tree.lines()));
        Optional<Battery> fitted = job.power().battery(module);
        boolean reported = !job.receivers().isEmpty();
        Optional<BatteryState> battery = Optional.empty();
        String beyond = "";
        Draw draw = new Draw(
                Loads.milliamps(lines, false) / 1000,
                Loads.milliamps(lines, true) / 1000,
                BatteryState.alarmHours(job.practice()));
        try {
            battery = Optional.of(BatteryState.of(fitted, unit, draw, job.practice(), reported));
        } catch (IllegalArgumentException none) {
            beyond = none.getMessage();
        }
        FarVolts volts = new FarVolts(draw, battery);
        return new SupplyState(
                module,
                unit,
                direct,
                trees,
                lines,
                battery,
                beyond,
                trees.stream().flatMap(tree -> volts.of(tree).stream()).toList(),
                SupplyVisit.of(job, module, lines));
    }
}
