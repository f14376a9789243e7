package io.answerback.command;

import io.answerback.core.assess.Assessment;
import io.answerback.core.loop.CheckedFaults;
import io.answerback.core.loop.LoopNetlist;
import io.answerback.core.loop.LoopNetwork;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.loop.scheme.Extreme;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.LoopCase;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyNetlist;
import io.answerback.core.supply.SupplyState;
import io.answerback.files.BrokenFile;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/// A point's loop, or the supply trees, as a netlist for a circuit simulator.
@Command(
        name = "netlist",
        description = "a point's loop, or the supply trees, as a netlist that a circuit simulator runs",
        mixinStandardHelpOptions = true)
final class NetlistVerb implements Callable<Integer> {
    @Mixin
    private JobArgument argument;

    @Option(names = "--point", paramLabel = "ID", description = "the point's number")
    private String point;

    @Option(names = "--supply", description = "every supply tree instead, in an alarm at the end of discharge")
    private boolean supply;

    @Option(
            names = "--state",
            defaultValue = "at-rest",
            paramLabel = "STATE",
            description = "a state that loop lists (default: ${DEFAULT-VALUE})")
    private String state;

    @Option(
            names = "--end",
            defaultValue = "NOMINAL",
            paramLabel = "END",
            description = "low, nominal or high end of every tolerance (default: nominal)")
    private Extreme end;

    @Override
    public Integer call() throws BrokenFile {
        Job job = argument.job();
        if (supply) {
            System.out.print(trees(argument.assess(job)));
            return 0;
        }
        if (point == null) {
            throw new IllegalArgumentException("say which point with --point, or --supply for the supply trees");
        }
        WiredPoint wired = JobArgument.wired(argument.assess(job), point);
        Point its = wired.point();
        FittedLoop fitted = wired.fitted().orElseThrow();
        var loop =
                LoopNetwork.of(fitted, loopCase(CheckedFaults.of(job.practice()).cases(fitted)));
        String title = "Point %s %s, %s, %s end of every tolerance"
                .formatted(its.id(), its.name(), state, end.name().toLowerCase(java.util.Locale.ROOT));
        System.out.print(LoopNetlist.of(title, loop, end));
        return 0;
    }

    private static String trees(Assessment assessment) {
        SupplyNetlist netlist = new SupplyNetlist();
        for (SupplyState state : assessment.get(Supplies.FACT).states()) {
            double volts = state.unit().outputVolts(state.unit().cutOffVolts());
            state.trees().forEach(tree -> netlist.add("volts_", tree.inAlarm(), volts));
        }
        return netlist.text(new CableId("Supply trees of %s in an alarm, at the end of discharge"
                        .formatted(assessment.job().site().name()))
                .text());
    }

    private LoopCase loopCase(List<LoopCase> cases) {
        return cases.stream()
                .filter(known -> known.id().equals(state))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("this loop has no state \"%s\"; it has %s"
                        .formatted(state, cases.stream().map(LoopCase::id).collect(Collectors.joining(", ")))));
    }
}
