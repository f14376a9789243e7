package io.answerback.core.wiring.cabling;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.cable.TerminatedCore;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CableCores;
import io.answerback.core.wiring.cores.CoreEnd;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.core.wiring.cores.CoreTermination;
import io.answerback.core.wiring.cores.PlannedCore;
import io.answerback.core.wiring.cores.TerminationWords;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// The cores of one box in the order they are best put in place.
public final class WiringRun {
    private WiringRun() {}

    /// The orders an engineer may like.
    public enum Order {
        /// Along the strip from the left, joints last.
        ALONG_THE_STRIP("along the strip"),
        /// Cable by cable, in the order of the inputs.
        CABLE_BY_CABLE("cable by cable");

        private final String words;

        Order(String words) {
            this.words = words;
        }

        /// The order in plain words.
        public String words() {
            return words;
        }
    }

    /// The run of a box: every core that has a place; a joint of two cores is one step, counted with the cable
    /// that comes first. A core counts as done when it was put where the plan has it now.
    public static StepRun<WiringStep> of(BoxPlan box, Order order) {
        List<WiringStep> steps = new ArrayList<>();
        Map<CoreEnd, CoreEnd> joined = new HashMap<>();
        for (CableCores cable : box.cables()) {
            for (PlannedCore core : cable.cores()) {
                CoreEnd end = new CoreEnd(cable.id(), core.colour());
                boolean other = core.termination() instanceof CoreTermination.Joined joint
                        && end.equals(joined.get(new CoreEnd(joint.cableId(), joint.colour())));
                if (placed(core.termination()) && !other) {
                    if (core.termination() instanceof CoreTermination.Joined joint) {
                        joined.put(end, new CoreEnd(joint.cableId(), joint.colour()));
                    }
                    steps.add(step(box, cable, core));
                }
            }
        }
        if (order == Order.ALONG_THE_STRIP) {
            steps.sort(Comparator.comparingInt(step -> place(step.core().termination())));
        }
        return new StepRun<>(steps);
    }

    /// What is fitted at the terminal it goes under, in words; empty for nothing.
    private static String fitted(BoxPlan box, PlannedCore core) {
        return core.termination() instanceof CoreTermination.Under under
                ? box.parts().stream()
                        .filter(part -> part.from() == under.terminal() || part.to() == under.terminal())
                        .map(part -> part.words(box.strip()))
                        .collect(Collectors.joining("; "))
                : "";
    }

    private static boolean placed(CoreTermination termination) {
        return termination instanceof CoreTermination.Under || termination instanceof CoreTermination.Joined;
    }

    private static int place(CoreTermination termination) {
        return termination instanceof CoreTermination.Under under ? under.terminal() : Integer.MAX_VALUE;
    }

    private static WiringStep step(BoxPlan box, CableCores cable, PlannedCore core) {
        String where = TerminationWords.of(core.termination(), box.strip());
        boolean done = cable.terminated(core.colour())
                .map(TerminatedCore::where)
                .filter(its -> TerminationWords.sameNode(its, where))
                .isPresent();
        return new WiringStep(
                cable.id(),
                cable.end(),
                cable.serves().name(),
                core,
                where,
                cable.polar(core),
                fitted(box, core),
                done);
    }

    /// Whether every end of every core of a step's cable is in place once the step is done.
    public static boolean completes(CorePlan plan, WiringStep step) {
        Optional<Cable> cable = plan.cableLabelled(step.cableId());
        return cable.isPresent()
                && Stream.of(CableEnd.values())
                        .flatMap(end -> plan.at(cable.get(), end).stream())
                        .flatMap(box -> of(box, Order.CABLE_BY_CABLE).steps().stream())
                        .filter(other -> other.cableId().equals(step.cableId()))
                        .allMatch(other -> other.done()
                                || other.end() == step.end() && other.core().equals(step.core()));
    }
}
