package io.answerback.core.supply;

import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.ModuleId;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/// What is fed from one output of a supply, with its cables.
///
/// @param module the module with the supply
/// @param moduleName what that module is called
/// @param output the terminal it is fed from, as printed
/// @param limitMilliamps what the output gives, in milliamps; 0 where that is not known
/// @param lines everything that hangs on it
/// @param atRest the tree with what is taken at rest
/// @param inAlarm the tree with what is taken in an alarm
/// @param elsewhereMilliamps what sounders and strobes on it take in an alarm from outputs that have limits of
///     their own, in milliamps; it flows through their supply pair's return and not through this output
public record SupplyTree(
        ModuleId module,
        String moduleName,
        String output,
        double limitMilliamps,
        List<LoadLine> lines,
        SupplyNode atRest,
        SupplyNode inAlarm,
        double elsewhereMilliamps) {
    public SupplyTree {
        lines = List.copyOf(lines);
    }

    /// What is taken from it in one of the two states, in milliamps at 12 V.
    public double milliamps(boolean alarm) {
        return Loads.milliamps(lines, alarm) - (alarm ? elsewhereMilliamps : 0);
    }

    /// The same where some of what hangs on it is driven from outputs that have limits of their own.
    ///
    /// @param outputs every output that makes sounders, strobes or speakers go
    SupplyTree without(List<SoundOutput> outputs) {
        Set<FedId> parts = lines.stream().map(LoadLine::part).collect(Collectors.toSet());
        double elsewhere = outputs.stream()
                .filter(other -> other.limitMilliamps() > 0
                        && !(other.module().equals(module) && other.terminal().equals(output)))
                .flatMap(other -> other.loads().stream())
                .filter(load -> parts.contains(load.part()))
                .mapToDouble(SoundOutput.Load::milliamps)
                .sum();
        return new SupplyTree(
                module, moduleName, output, limitMilliamps, lines, atRest, inAlarm, Math.min(elsewhere, sounding()));
    }

    private double sounding() {
        return lines.stream()
                .mapToDouble(line -> line.alarmMilliamps() - line.quiescentMilliamps())
                .sum();
    }

    /// Its name with its module's, such as "Panel · 12V".
    public String title() {
        return moduleName + " · " + output;
    }
}
