package io.answerback.core.supply;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.power.Battery;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.SupplyUnit;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.Parts;
import io.answerback.core.setup.Intent;
import io.answerback.core.supply.battery.BatteryState;
import io.answerback.core.supply.battery.SupplyCurrent;
import io.answerback.core.wiring.cores.Cabling;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// What the supplies of a job feed, and over which cables.
///
/// @param trees what hangs on each output, sounders counted as if all sounded at once
/// @param beginning the cables something is fed through, by the module or joint box they begin at
/// @param circles the cables that feed each other in a circle, by label
/// @param fed the parts that hang on some output
/// @param sounding the outputs that make something sound
record Feeds(
        List<SupplyTree> trees,
        Map<BoxId, List<Cable>> beginning,
        List<CableId> circles,
        Set<FedId> fed,
        List<SoundOutput> sounding) {
    /// @param lines everything that takes current, by part
    static Feeds of(Parts job, Cabling plan, Map<FedId, LoadLine> lines) {
        SupplyTrees trees = new SupplyTrees(job, plan, lines);
        return new Feeds(
                trees.trees(), trees.beginning(), trees.circles(), trees.fed(), Sounders.outputs(job, plan, lines));
    }

    /// Every supply in the order of the modules.
    ///
    /// @param lines everything that takes current, by part, in the order of the job
    List<SupplyState> states(Parts job, Map<FedId, LoadLine> lines) {
        List<SupplyState> states = new ArrayList<>();
        for (PanelModule module : job.modules()) {
            job.kindOf(module).flatMap(ModuleKind::supply).ifPresent(unit -> {
                List<SupplyTree> its = trees.stream()
                        .filter(tree -> tree.module().equals(module.id()))
                        .map(tree -> tree.without(sounding))
                        .toList();
                states.add(state(job, module.id(), unit, its, direct(job, lines, module, states.isEmpty())));
            });
        }
        return states;
    }

    /// The first supply feeds all that hangs on no output of any: the others their own board only.
    private List<LoadLine> direct(Parts job, Map<FedId, LoadLine> lines, PanelModule module, boolean first) {
        return lines.values().stream()
                .filter(line -> line.part().equals(module.id())
                        || first && !fed.contains(line.part()) && !suppliesItself(job, line.part()))
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
