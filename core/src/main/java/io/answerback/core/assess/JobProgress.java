package io.answerback.core.assess;

import io.answerback.core.bus.BusModule;
import io.answerback.core.bus.BusState;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.memo.EveryPoint;
import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.radio.RadioState;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.prove.acceptance.PlanCounts;
import io.answerback.core.report.attach.FittingChecks;
import io.answerback.core.setup.SetupState;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyState;
import io.answerback.core.supply.battery.BatteryState;
import io.answerback.core.work.servicing.Leaving;
import io.answerback.core.work.servicing.LeavingCheck;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/// How far each stop of a job has come.
final class JobProgress {
    /// The progress of every stop, in the order of work.
    static final Fact<List<StopProgress>> FACT = Fact.of("progress", JobProgress::all);

    private JobProgress() {}

    private static List<StopProgress> all(Facts facts) {
        List<PointProgress.Counts> groups = EveryPoint.GROUPS.every(facts, PointProgress.COUNTS);
        return Arrays.stream(Stop.values())
                .map(stop -> switch (stop) {
                    case POWER -> power(facts);
                    case BUS -> bus(facts);
                    case SET_UP -> setup(facts);
                    case PROVE -> prove(facts);
                    case HAND_OVER -> handOver(facts);
                    case REPORT -> report(facts, groups);
                    case SURVEY, LOOP, CABLE ->
                        of(
                                facts,
                                stop,
                                sum(groups, PointProgress.Counts::done, stop),
                                sum(groups, PointProgress.Counts::counted, stop));
                })
                .toList();
    }

    private static int sum(
            List<PointProgress.Counts> groups, Function<PointProgress.Counts, List<Integer>> which, Stop stop) {
        return groups.stream()
                .mapToInt(group -> which.apply(group).get(stop.ordinal()))
                .sum();
    }

    /// What has volts enough until the end of discharge, and each battery that reaches its rule.
    private static StopProgress power(Facts facts) {
        List<SupplyState> supplies = facts.of(Supplies.FACT).states();
        List<DeviceVolts> fed =
                supplies.stream().flatMap(supply -> supply.volts().stream()).toList();
        long held = fed.stream().filter(DeviceVolts::sound).count();
        long enough = supplies.stream()
                .flatMap(supply -> supply.battery().stream())
                .filter(BatteryState::enough)
                .count();
        return of(facts, Stop.POWER, (int) (held + enough), fed.size() + supplies.size());
    }

    /// The modules that have their addresses, are on the wall and known to the panel, and what it hears by radio
    /// as planned.
    private static StopProgress bus(Facts facts) {
        List<BusModule> modules = facts.of(BusState.FACT).modules();
        RadioState radio = facts.of(RadioState.FACT);
        int settled = (int) modules.stream().filter(BusModule::settled).count();
        return of(
                facts,
                Stop.BUS,
                settled + radio.settled(),
                modules.size() + radio.senders().size());
    }

    /// The points of which something is sent, the receivers that can be reached, and the communicator once it is
    /// decided how it is attached and supplied.
    private static StopProgress report(Facts facts, List<PointProgress.Counts> groups) {
        List<Receiver> receivers = facts.receivers();
        int reached = (int) receivers.stream().filter(Receiver::reachable).count();
        int unit = facts.communicator().unit().filter(FittingChecks::decided).isPresent() ? 1 : 0;
        return of(
                facts,
                Stop.REPORT,
                sum(groups, PointProgress.Counts::done, Stop.REPORT) + reached + unit,
                sum(groups, PointProgress.Counts::counted, Stop.REPORT) + receivers.size() + 1);
    }

    /// The entries that differ from a new panel's, and are typed or left out for a reason.
    private static StopProgress setup(Facts facts) {
        var sheet = facts.of(SetupState.FACT).sheet();
        return of(facts, Stop.SET_UP, sheet.done(), sheet.differing().size());
    }

    /// The lines of the acceptance plan that were shown on the real panel.
    private static StopProgress prove(Facts facts) {
        PlanCounts plan = facts.of(PlanCounts.FACT);
        return of(facts, Stop.PROVE, plan.shown(), plan.lines());
    }

    /// What is looked at before leaving, and is well.
    private static StopProgress handOver(Facts facts) {
        List<LeavingCheck> checks = facts.of(Leaving.FACT);
        return of(
                facts,
                Stop.HAND_OVER,
                (int) checks.stream().filter(LeavingCheck::well).count(),
                checks.size());
    }

    private static StopProgress of(Facts facts, Stop stop, int done, int of) {
        return new StopProgress(stop, done, of, mark(facts, stop, done, of));
    }

    private static Mark mark(Facts facts, Stop stop, int done, int of) {
        Optional<Mark> found = facts.of(AllFindings.FACT).mark(stop);
        if (found.isPresent()) {
            return found.get();
        }
        if (done < of || of == 0) {
            return Mark.NOT_DONE;
        }
        return stop == Stop.PROVE ? Mark.PROVEN : Mark.SOUND;
    }
}
