package io.answerback.core.bus;

import io.answerback.core.bus.BusModule.Standing;
import io.answerback.core.engine.memo.Fact;
import io.answerback.core.loop.zone.ZoneMap;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Bus;
import io.answerback.core.model.site.BusAddress;
import io.answerback.core.model.site.Learned;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.Parts;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.Supplies;
import io.answerback.core.wiring.cores.Cabling;
import io.answerback.core.wiring.cores.CorePlan;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/// The bus of a job: its modules, what the panel has learned of nobody, its cable, and where each zone is.
///
/// @param modules the modules on it, in the order of the job
/// @param ghosts what the panel has learned at addresses where nobody on the wall answers
/// @param branches every cable of the bus with the place it begins at, nearest first
/// @param circles the cables of the bus that lead back to where it has been, or begin where it never comes,
///     by label
/// @param zones where each zone is read
public record BusState(
        List<BusModule> modules, List<Learned> ghosts, List<Branch> branches, List<CableId> circles, ZoneMap zones) {
    /// The bus of a job.
    public static final Fact<BusState> FACT =
            Fact.of("bus", facts -> of(facts, CorePlan.cabling(facts), facts.of(Supplies.FACT)));

    /// A cable of the bus.
    ///
    /// @param from the module or joint box it begins at
    /// @param to the module or joint box it leads to
    /// @param toName what that is called
    /// @param cable the cable
    /// @param endMetres how far its far end is from the board, in metres
    /// @param worstOhmsPerKilometre the thinnest conductor on the way there, in ohms per kilometre at 20 °C
    /// @param endOhms what a data core and the return have together from the board to its far end, in ohms
    ///     at 20 °C
    /// @param lengthKnown whether every cable from the board to its far end has a length
    public record Branch(
            BoxId from,
            BoxId to,
            String toName,
            Cable cable,
            double endMetres,
            double worstOhmsPerKilometre,
            double endOhms,
            boolean lengthKnown) {
        /// What it has between two cores, in nanofarads; 0 where its type does not say.
        public double nanofarads() {
            return cable.installation()
                            .type()
                            .map(CableType::nanofaradsPerKilometre)
                            .orElse(0.0)
                    * cable.metres()
                    / 1000;
        }
    }

    public BusState {
        modules = List.copyOf(modules);
        ghosts = List.copyOf(ghosts);
        branches = List.copyOf(branches);
        circles = List.copyOf(circles);
    }

    /// The bus of a job.
    public static BusState of(Parts job, Cabling plan, Supplies supplies) {
        List<Branch> branches = branches(job, plan);
        Map<BoxId, Double> metres = new HashMap<>();
        branches.stream()
                .filter(Branch::lengthKnown)
                .forEach(branch -> metres.putIfAbsent(branch.to(), branch.endMetres()));
        Map<FedId, DeviceVolts> volts = new HashMap<>();
        supplies.states().forEach(state -> state.volts().forEach(device -> volts.put(device.part(), device)));
        List<BusModule> modules = new ArrayList<>();
        for (PanelModule module : job.modules()) {
            job.kindOf(module)
                    .filter(kind -> onBus(job, kind))
                    .ifPresent(kind -> modules.add(new BusModule(
                            module.id(),
                            module.name(),
                            kind,
                            job.bus().of(module.id()),
                            wanted(job, kind),
                            job.bus().present(module.id()),
                            standing(job.bus(), module.id(), kind),
                            Optional.ofNullable(metres.get(module.id())),
                            Optional.ofNullable(volts.get(module.id())),
                            branches.stream()
                                    .filter(branch -> branch.to().equals(module.id()))
                                    .allMatch(Branch::lengthKnown))));
        }
        return new BusState(modules, ghosts(job), branches, circles(plan, branches), ZoneMap.of(job));
    }

    private static boolean onBus(Parts job, ModuleKind kind) {
        return kind.addresses() > 0
                || job.panel()
                        .profile()
                        .bus()
                        .flatMap(rule -> rule.range(kind.id()))
                        .filter(range -> !range.offTheBus())
                        .isPresent();
    }

    /// How many addresses one module of a kind needs: a communicator that listens pretends to be a keypad for
    /// each area.
    public static int wanted(Parts job, ModuleKind kind) {
        return kind.sort() == ModuleSort.COMMUNICATOR ? Math.max(1, job.areas().size()) : Math.max(1, kind.addresses());
    }

    private static Standing standing(Bus bus, ModuleId module, ModuleKind kind) {
        if (bus.learned().isEmpty()) {
            return Standing.UNKNOWN;
        }
        Standing standing = Standing.LEARNED;
        for (BusAddress given : bus.of(module)) {
            Optional<Learned> learned = bus.learnedAt(given.address());
            if (learned.isEmpty()) {
                return Standing.NOT_LEARNED;
            }
            if (learned.get().sort() != kind.answersAs()) {
                standing = Standing.OTHER;
            }
        }
        return bus.of(module).isEmpty() ? Standing.NOT_LEARNED : standing;
    }

    private static List<Learned> ghosts(Parts job) {
        return job.bus().learned().stream()
                .filter(learned -> job.bus()
                        .at(learned.address())
                        .filter(given -> job.module(given.module()).isPresent())
                        .filter(given -> job.bus().present(given.module()))
                        .isEmpty())
                .toList();
    }

    /// From the board outwards; a cable that leads back to where the bus has been is left out.
    private static List<Branch> branches(Parts job, Cabling plan) {
        Map<BoxId, List<Cable>> beginning = new HashMap<>();
        plan.carrying(CoreUse.BUS_ONE)
                .forEach(cable -> plan.beginning(cable)
                        .ifPresent(from -> beginning
                                .computeIfAbsent(from, key -> new ArrayList<>())
                                .add(cable)));
        List<Branch> branches = new ArrayList<>();
        Map<BoxId, Double> reached = new HashMap<>();
        Map<BoxId, Double> worst = new HashMap<>();
        Map<BoxId, Double> resistance = new HashMap<>();
        Set<BoxId> unknown = new HashSet<>();
        List<BoxId> open = new ArrayList<>(List.of(job.modules().getFirst().id()));
        reached.put(open.getFirst(), 0.0);
        for (int i = 0; i < open.size(); i++) {
            BoxId from = open.get(i);
            for (Cable cable : beginning.getOrDefault(from, List.of())) {
                Optional<BoxId> far = cable.ends().farBox();
                double end = reached.get(from) + cable.metres();
                if (far.isPresent() && reached.putIfAbsent(far.get(), end) == null) {
                    BoxId to = far.get();
                    double ohms = Math.max(
                            worst.getOrDefault(from, 0.0), cable.conductor().ohmsPerKilometre());
                    worst.put(to, ohms);
                    double endOhms = resistance.getOrDefault(from, 0.0)
                            + 2 * cable.metres() * cable.conductor().ohmsPerKilometre() / 1000;
                    resistance.put(to, endOhms);
                    boolean known = !unknown.contains(from) && cable.lengthKnown();
                    if (!known) {
                        unknown.add(to);
                    }
                    branches.add(new Branch(from, to, job.nameOf(to), cable, end, ohms, endOhms, known));
                    open.add(to);
                }
            }
        }
        return branches;
    }

    private static List<CableId> circles(Cabling plan, List<Branch> branches) {
        Set<CableId> laid = branches.stream().map(branch -> branch.cable().id()).collect(Collectors.toSet());
        return plan.carrying(CoreUse.BUS_ONE).stream()
                .filter(cable -> !laid.contains(cable.id()))
                .map(Cable::id)
                .toList();
    }

    /// Whether every cable of it has a length.
    public boolean lengthsKnown() {
        return branches.stream().allMatch(Branch::lengthKnown);
    }

    /// All its cable, in metres, as far as lengths are known.
    public double metres() {
        return branches.stream().mapToDouble(branch -> branch.cable().metres()).sum();
    }

    /// What all its cable has between two cores, in nanofarads, as far as the types of cable say.
    public double nanofarads() {
        return branches.stream().mapToDouble(Branch::nanofarads).sum();
    }

    /// The cable whose capacitance is not known, in metres.
    public double unknownMetres() {
        return branches.stream()
                .filter(branch -> branch.nanofarads() == 0)
                .mapToDouble(branch -> branch.cable().metres())
                .sum();
    }

    /// The branch with the most resistance from the board to its end; empty for a bus without cable.
    public Optional<Branch> mostResistance() {
        return branches.stream().max(Comparator.comparingDouble(Branch::endOhms));
    }

    /// How far the farthest module is, in metres.
    public double farthestMetres() {
        return branches.stream().mapToDouble(Branch::endMetres).max().orElse(0);
    }

    /// Whether more than one cable begins at some place.
    public boolean branched() {
        return branches.stream().map(Branch::from).distinct().count() < branches.size();
    }

    /// The module with that id; empty when it is not on the bus.
    public Optional<BusModule> module(BoxId id) {
        return modules.stream().filter(module -> module.id().equals(id)).findFirst();
    }
}
