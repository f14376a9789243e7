package io.answerback.core.supply;

import io.answerback.core.loop.scheme.LoopPart;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.Terminal;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.Parts;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.Cabling;
import io.answerback.core.wiring.cores.CoreTermination;
import io.answerback.core.wiring.cores.PlannedCore;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// The supply trees of a job, from its cables: those that carry a supply pair, from each output onwards. Copper
/// counts at the hottest it gets, there and back; a doubled pair has half the resistance.
public final class SupplyTrees {
    private static final double CELSIUS_OF_DATA = 20;

    private final Parts job;
    private final Cabling plan;
    private final Map<FedId, LoadLine> lines;
    private final Map<BoxId, List<Cable>> beginning;
    private final List<SupplyTree> trees = new ArrayList<>();
    private final List<CableId> circles = new ArrayList<>();
    private final Set<FedId> fed = new HashSet<>();

    /// @param lines everything that takes current, by part
    SupplyTrees(Parts job, Cabling plan, Map<FedId, LoadLine> lines) {
        this.job = job;
        this.plan = plan;
        this.lines = lines;
        this.beginning = feeding(plan);
        job.modules().stream().filter(this::supplies).forEach(this::trees);
        findCircles();
    }

    /// The cables something is fed through, by where they begin. Speakers are fed by the pair that makes them
    /// sound.
    private static Map<BoxId, List<Cable>> feeding(Cabling plan) {
        Map<BoxId, List<Cable>> beginning = new HashMap<>();
        cables(plan)
                .forEach(cable -> plan.beginning(cable)
                        .ifPresent(from -> beginning
                                .computeIfAbsent(from, key -> new ArrayList<>())
                                .add(cable)));
        return beginning;
    }

    private static Stream<Cable> cables(Cabling plan) {
        Stream<Cable> speakers = plan.carrying(CoreUse.SPEAKER).stream()
                .filter(cable -> cable.ends().points().isEmpty() && !plan.carries(cable, CoreUse.SUPPLY));
        return Stream.concat(plan.carrying(CoreUse.SUPPLY).stream(), speakers);
    }

    private boolean supplies(PanelModule module) {
        return job.kindOf(module).flatMap(ModuleKind::supply).isPresent();
    }

    private void trees(PanelModule module) {
        Map<String, List<Cable>> byOutput = new LinkedHashMap<>();
        for (Cable cable : beginning.getOrDefault(module.id(), List.of())) {
            byOutput.computeIfAbsent(output(module, cable), key -> new ArrayList<>())
                    .add(cable);
        }
        byOutput.forEach((output, cables) -> {
            List<LoadLine> hanging = new ArrayList<>();
            List<SupplyNode> rest = onward(cables, false, new HashSet<>(), hanging);
            List<SupplyNode> alarm = onward(cables, true, new HashSet<>(), new ArrayList<>());
            trees.add(new SupplyTree(
                    module.id(),
                    module.name(),
                    output,
                    limit(module, output),
                    hanging,
                    new SupplyNode(output, Optional.empty(), 0, List.of(), rest),
                    new SupplyNode(output, Optional.empty(), 0, List.of(), alarm),
                    0));
        });
    }

    /// The terminal the supply core of a cable goes under; the first that gives a supply where that is not known.
    private String output(PanelModule module, Cable cable) {
        Optional<BoxPlan> box = plan.nearEnd(cable);
        return box.flatMap(its -> its.cable(cable.id())
                        .flatMap(cores -> cores.core(CoreUse.SUPPLY).or(() -> cores.core(CoreUse.SPEAKER)))
                        .map(PlannedCore::termination)
                        .filter(CoreTermination.Under.class::isInstance)
                        .map(termination -> its.strip()
                                .get(((CoreTermination.Under) termination).terminal())
                                .name()))
                .orElse(module.name());
    }

    private double limit(PanelModule module, String output) {
        return job.kindOf(module).orElseThrow().terminals().stream()
                .filter(terminal -> terminal.name().equals(output))
                .mapToDouble(Terminal::milliamps)
                .findFirst()
                .orElse(0);
    }

    private List<SupplyNode> onward(List<Cable> cables, boolean alarm, Set<CableId> seen, List<LoadLine> hanging) {
        List<SupplyNode> nodes = new ArrayList<>();
        for (Cable cable : cables) {
            if (seen.add(cable.id())) {
                nodes.add(node(cable, alarm, seen, hanging));
            }
        }
        return nodes;
    }

    private SupplyNode node(Cable cable, boolean alarm, Set<CableId> seen, List<LoadLine> hanging) {
        List<LoadLine> here = here(cable);
        hanging.addAll(here);
        here.forEach(line -> fed.add(line.part()));
        Optional<BoxId> far = cable.ends().farBox().filter(box -> !ownSupply(box));
        return new SupplyNode(
                cable.ends()
                        .farBox()
                        .map(job::nameOf)
                        .orElse(cable.ends().farEnd().text()),
                Optional.of(cable.id()),
                ohms(cable),
                here.stream().map(line -> line.load(alarm)).toList(),
                onward(far.map(beginning::get).orElse(List.of()), alarm, seen, hanging));
    }

    private List<LoadLine> here(Cable cable) {
        List<FedId> parts = new ArrayList<>(cable.ends().points());
        cable.ends().module().filter(module -> !ownSupply(module)).ifPresent(parts::add);
        return parts.stream().map(lines::get).filter(line -> line != null).toList();
    }

    private boolean ownSupply(BoxId box) {
        return box instanceof ModuleId module
                && job.kindOf(module).filter(ModuleKind::suppliesItself).isPresent();
    }

    private static double ohms(Cable cable) {
        double warm = 1 + LoopPart.Copper.COPPER_PER_CELSIUS * (cable.hottestCelsius() - CELSIUS_OF_DATA);
        Set<CoreUse> twice = cable.installation().doubled();
        boolean doubled = twice.contains(CoreUse.SUPPLY) || twice.contains(CoreUse.SPEAKER);
        return 2 * cable.metres() / 1000 * cable.conductor().ohmsPerKilometre() * warm / (doubled ? 2 : 1);
    }

    /// Cables that carry supply and hang on no output: in a circle through joint boxes or modules.
    private void findCircles() {
        Set<CableId> reached = new HashSet<>();
        trees.forEach(tree -> reach(tree.atRest(), reached));
        cables(plan)
                .filter(cable -> !reached.contains(cable.id()))
                .filter(this::comesBack)
                .forEach(cable -> circles.add(cable.id()));
    }

    private static void reach(SupplyNode node, Set<CableId> reached) {
        node.cableId().ifPresent(reached::add);
        node.onward().forEach(next -> reach(next, reached));
    }

    private boolean comesBack(Cable cable) {
        Set<CableId> seen = new HashSet<>();
        List<BoxId> open = new ArrayList<>(cable.ends().farBox().stream().toList());
        while (!open.isEmpty()) {
            for (Cable next : beginning.getOrDefault(open.removeLast(), List.of())) {
                if (next.id().equals(cable.id())) {
                    return true;
                }
                if (seen.add(next.id())) {
                    next.ends().farBox().ifPresent(open::add);
                }
            }
        }
        return false;
    }

    List<SupplyTree> trees() {
        return trees;
    }

    /// The cables something is fed through, by the module or joint box they begin at.
    Map<BoxId, List<Cable>> beginning() {
        return beginning;
    }

    /// The cables that feed each other in a circle, by label.
    List<CableId> circles() {
        return circles;
    }

    /// The parts that hang on some output.
    Set<FedId> fed() {
        return fed;
    }
}
