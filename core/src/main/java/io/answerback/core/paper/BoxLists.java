package io.answerback.core.paper;

import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.site.Parts;
import io.answerback.core.wiring.cabling.UnusedInputs;
import io.answerback.core.wiring.cabling.UnusedStep;
import io.answerback.core.wiring.cabling.WiringRun;
import io.answerback.core.wiring.cabling.WiringStep;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CableCores;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.core.wiring.cores.CoreTermination;
import io.answerback.core.wiring.cores.PlannedCore;
import io.answerback.core.wiring.cores.TerminationWords;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/// What is listed under the drawing of a box: its cables, what is joined in it, what goes through a connector
/// block, what is fitted across unused inputs, the spare cores, and its tamper ring.
final class BoxLists {
    private final Parts job;
    private final CorePlan plan;
    private final BoxPlan box;

    /// A list with its title; one without items is not set.
    record Titled(String title, List<String> items) {}

    BoxLists(Parts job, CorePlan plan, BoxPlan box) {
        this.job = job;
        this.plan = plan;
        this.box = box;
    }

    List<Titled> all() {
        boolean joint = box.place() instanceof JointId;
        boolean unnamed = box.strip().isEmpty() && !joint;
        return List.of(
                new Titled("Cables", cables()),
                new Titled(joint ? "Joined" : "Joined in the box", joints()),
                new Titled("Connector blocks", blocks()),
                new Titled("Unused inputs", unused()),
                new Titled("The profile does not name its terminals. The cores are for", unnamed ? uses() : List.of()),
                new Titled("Spare cores", spares()),
                new Titled("Tamper ring", ring()));
    }

    /// Whether the cores of a terminal go to it through a connector block.
    boolean throughBlock(int terminal) {
        return box.cables().stream()
                .flatMap(cable -> cable.cores().stream())
                .anyMatch(core -> core.termination() instanceof CoreTermination.Under under
                        && under.terminal() == terminal
                        && under.throughBlock());
    }

    private List<String> cables() {
        return box.cables().stream()
                .map(cable -> Text.of(
                        "%s  %s · %s",
                        cable.id(),
                        other(cable),
                        cable.cable().installation().type().map(CableType::name).orElse("no type yet")))
                .toList();
    }

    private String other(CableCores cable) {
        return cable.end() == CableEnd.NEAR
                ? "to " + plan.farEnd(cable.cable())
                : "from " + plan.boxOf(cable.id()).map(BoxPlan::title).orElse("no box yet");
    }

    private List<String> joints() {
        return WiringRun.of(box, WiringRun.Order.CABLE_BY_CABLE).steps().stream()
                .filter(step -> step.core().termination() instanceof CoreTermination.Joined)
                .map(WiringStep::order)
                .toList();
    }

    private List<String> blocks() {
        Map<Integer, List<String>> cores = new LinkedHashMap<>();
        for (int i = 0; i < box.strip().size(); i++) {
            if (throughBlock(i)) {
                cores.put(
                        i,
                        box.under(i).stream()
                                .map(core -> core.cableId() + " " + core.colour())
                                .toList());
            }
        }
        return cores.entrySet().stream()
                .map(block -> Text.of(
                        "%s, one core on to %s",
                        String.join(", ", block.getValue()), TerminationWords.terminal(box.strip(), block.getKey())))
                .toList();
    }

    private List<String> unused() {
        return UnusedInputs.steps(job, box).stream().map(UnusedStep::order).toList();
    }

    private List<String> uses() {
        return box.cables().stream()
                .flatMap(cable -> cable.cores().stream()
                        .filter(core -> core.use() != CoreUse.SPARE)
                        .map(core -> Text.of(
                                "%s %s: %s",
                                cable.id(), core.colour(), core.use().words())))
                .toList();
    }

    private List<String> spares() {
        return box.cables().stream()
                .filter(cable -> !cable.spares().isEmpty())
                .map(cable -> Text.of(
                        "%s: %s",
                        cable.id(),
                        cable.spares().stream().map(PlannedCore::colour).collect(Collectors.joining(", "))))
                .toList();
    }

    private List<String> ring() {
        if (!box.ring().wanted()) {
            return List.of();
        }
        List<String> says = new ArrayList<>(
                List.of(box.ring().joined().stream().map(CableId::text).collect(Collectors.joining(" – "))));
        if (!box.ring().leftOut().isEmpty()) {
            says.add("Outside the ring: " + Text.listed(box.ring().leftOut()));
        }
        return says;
    }
}
