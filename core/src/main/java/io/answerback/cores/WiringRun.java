package io.answerback.cores;

import io.answerback.job.LandedCore;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// The cores of one box in the order they are best put in place.
///
/// @param steps every core that has a place; a joint of two cores is one step, counted with the cable that comes first
public record WiringRun(List<WiringStep> steps) {
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

    public WiringRun {
        steps = List.copyOf(steps);
    }

    /// The run of a box. A core counts as done when it was put where the plan has it now.
    public static WiringRun of(BoxPlan box, Order order) {
        List<WiringStep> steps = new ArrayList<>();
        Set<String> joined = new HashSet<>();
        for (CableCores cable : box.cables()) {
            for (PlannedCore core : cable.cores()) {
                boolean other = core.landing() instanceof Landing.Joined joint
                        && joined.contains(joint.cableId() + " " + joint.colour());
                if (placed(core.landing()) && !other) {
                    joined.add(cable.cable().id() + " " + core.colour());
                    steps.add(step(box, cable, core));
                }
            }
        }
        if (order == Order.ALONG_THE_STRIP) {
            steps.sort(Comparator.comparingInt(step -> place(step.core().landing())));
        }
        return new WiringRun(steps);
    }

    private static boolean placed(Landing landing) {
        return landing instanceof Landing.Under || landing instanceof Landing.Joined;
    }

    private static int place(Landing landing) {
        return landing instanceof Landing.Under under ? under.terminal() : Integer.MAX_VALUE;
    }

    private static WiringStep step(BoxPlan box, CableCores cable, PlannedCore core) {
        String where = LandingWords.of(core.landing(), box.strip());
        boolean done = cable.cable()
                .laying()
                .landed(core.colour())
                .map(LandedCore::where)
                .filter(where::equals)
                .isPresent();
        return new WiringStep(cable.cable().id(), cable.point().name(), core, where, done);
    }

    /// How many are done.
    public int done() {
        return (int) steps.stream().filter(WiringStep::done).count();
    }

    /// The first that is not done, from a place on; then from the beginning. Empty when all are.
    ///
    /// @param from the place in the run to look from, from 0
    public Optional<WiringStep> next(int from) {
        return java.util.stream.IntStream.range(0, steps.size())
                .mapToObj(i -> steps.get((from + i) % steps.size()))
                .filter(step -> !step.done())
                .findFirst();
    }
}
