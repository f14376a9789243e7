package io.answerback.core.bus;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.BusRule;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Parts;
import io.answerback.core.supply.Supplies;
import io.answerback.core.wiring.cores.CorePlan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// Where the bus ends, and where it has terminators. A signal is reflected from an open end and meets the next
/// one on its way; a terminator, a resistor as large as the cable's wave impedance, absorbs it (transmission-line
/// theory; TIA/EIA-485 puts one at each of the two ends of the line).
///
/// @param ohms the terminator that belongs at each end, in ohms; 0 where the maker asks for none
/// @param ends the two modules at the ends, of a bus with branches the two that are farthest apart; empty without
///     cable, and while it branches and a length is not known
/// @param terminated the modules at which there is one now
public record BusEnds(double ohms, List<ModuleId> ends, List<ModuleId> terminated) {
    /// The ends of the bus of a job.
    public static final Fact<BusEnds> FACT = Fact.of("ends of the bus", facts -> of(facts, facts.of(BusState.FACT)));

    public BusEnds {
        ends = List.copyOf(ends);
        terminated = List.copyOf(terminated);
    }

    /// The ends of the bus of a job, from nothing.
    public static BusEnds of(Job job) {
        CorePlan plan = CorePlan.of(job);
        return of(job, BusState.of(job, plan, Supplies.of(job, plan)));
    }

    /// The ends of the bus of a job whose bus is worked out already.
    ///
    /// @param job the job, for its panel's rule and the terminators that are fitted
    /// @param bus the bus of that job
    public static BusEnds of(Parts job, BusState bus) {
        double ohms = job.panel().profile().bus().map(BusRule::terminatorOhms).orElse(0.0);
        return new BusEnds(
                ohms, ohms == 0 ? List.of() : farthestApart(bus), job.bus().terminated());
    }

    /// From any place the farthest is one end, and from there the farthest is the other. While a length is not
    /// known, the ends of a bus without branches are known all the same, and those of another are not.
    private static List<ModuleId> farthestApart(BusState bus) {
        Map<BoxId, Map<BoxId, Double>> beside = new HashMap<>();
        for (BusState.Branch branch : bus.branches()) {
            double metres = bus.lengthsKnown() ? branch.cable().metres() : 1;
            beside.computeIfAbsent(branch.from(), key -> new HashMap<>()).put(branch.to(), metres);
            beside.computeIfAbsent(branch.to(), key -> new HashMap<>()).put(branch.from(), metres);
        }
        boolean branched = beside.values().stream().anyMatch(next -> next.size() > 2);
        if (bus.branches().isEmpty() || branched && !bus.lengthsKnown()) {
            return List.of();
        }
        BoxId one = farthest(beside, bus.branches().getFirst().from());
        BoxId other = farthest(beside, one);
        List<ModuleId> ends = new ArrayList<>();
        for (BoxId end : List.of(other, one)) {
            if (end instanceof ModuleId module) {
                ends.add(module);
            }
        }
        return ends;
    }

    private static BoxId farthest(Map<BoxId, Map<BoxId, Double>> beside, BoxId from) {
        Map<BoxId, Double> metres = new HashMap<>(Map.of(from, 0.0));
        Set<BoxId> done = new HashSet<>();
        List<BoxId> open = new ArrayList<>(List.of(from));
        BoxId farthest = from;
        while (!open.isEmpty()) {
            BoxId place = open.removeFirst();
            done.add(place);
            if (metres.get(place) > metres.get(farthest)) {
                farthest = place;
            }
            beside.getOrDefault(place, Map.of()).forEach((next, run) -> {
                if (!done.contains(next)) {
                    metres.put(next, metres.get(place) + run);
                    open.add(next);
                }
            });
        }
        return farthest;
    }

    /// The ends at which the terminator is missing.
    public List<ModuleId> missing() {
        return ends.stream().filter(end -> !terminated.contains(end)).toList();
    }

    /// The modules at which one is that are not an end.
    public List<ModuleId> misplaced() {
        return terminated.stream()
                .filter(module -> !ends.isEmpty() && !ends.contains(module))
                .toList();
    }

    /// What a meter shows between the two data cores with the power off, in ohms: so many terminators side by side,
    /// the copper left out. Infinite without any.
    ///
    /// @param terminators how many there are
    public double readsOhms(int terminators) {
        return terminators == 0 ? Double.POSITIVE_INFINITY : ohms / terminators;
    }
}
