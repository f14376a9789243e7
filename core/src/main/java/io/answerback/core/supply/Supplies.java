package io.answerback.core.supply;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.site.Parts;
import io.answerback.core.supply.PowerRun.Direction;
import io.answerback.core.wiring.cores.Cabling;
import io.answerback.core.wiring.cores.CorePlan;
import java.util.Collection;
import java.util.List;
import java.util.Map;

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
    private static final Fact<Map<FedId, LoadLine>> LINES = Fact.of("loads", Loads::of);

    private static final Fact<Feeds> FEEDS =
            Fact.of("what supplies feed", facts -> Feeds.of(facts, CorePlan.cabling(facts), facts.of(LINES)));

    /// The supplies themselves, in the order of the modules, without what is added up over all of them.
    public static final Fact<List<SupplyState>> STATES =
            Fact.of("supplies one by one", facts -> facts.of(FEEDS).states(facts, facts.of(LINES)));

    /// The supplies of a job.
    public static final Fact<Supplies> FACT = Fact.of(
            "supplies",
            facts -> of(facts, CorePlan.cabling(facts), facts.of(LINES), facts.of(FEEDS), facts.of(STATES)));

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
        Feeds feeds = Feeds.of(job, plan, lines);
        return of(job, plan, lines, feeds, feeds.states(job, lines));
    }

    private static Supplies of(
            Parts job, Cabling plan, Map<FedId, LoadLine> lines, Feeds feeds, List<SupplyState> states) {
        List<DeviceVolts> volts =
                states.stream().flatMap(state -> state.volts().stream()).toList();
        return new Supplies(
                states,
                feeds.circles(),
                Sounders.of(job, plan, lines, volts, feeds.sounding()),
                BusLoad.of(job, plan, feeds.trees()),
                LoadsThrough.of(job, feeds.beginning(), lines, feeds.sounding()),
                Map.of(Direction.DOWN, PowerRun.of(job, Direction.DOWN), Direction.UP, PowerRun.of(job, Direction.UP)));
    }
}
