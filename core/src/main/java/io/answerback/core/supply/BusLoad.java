package io.answerback.core.supply;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.site.Parts;
import io.answerback.core.wiring.cores.Cabling;
import java.util.List;

/// What is fed over the keypad bus, with all that hangs on its modules.
///
/// @param restMilliamps what it takes at rest, in milliamps at 12 V
/// @param alarmMilliamps what it takes in an alarm, in milliamps at 12 V
/// @param limitMilliamps what it may take by the profile, in milliamps; 0 where that is not known
public record BusLoad(double restMilliamps, double alarmMilliamps, double limitMilliamps) {
    private static final double MILLI = 1000;

    /// What the cables of the bus take from the first supply, onward modules and devices included.
    static BusLoad of(Parts job, Cabling plan, List<SupplyTree> trees) {
        double rest = 0;
        double alarm = 0;
        for (SupplyTree tree : trees) {
            rest += amps(job, plan, tree.atRest());
            alarm += amps(job, plan, tree.inAlarm());
        }
        return new BusLoad(
                rest * MILLI, alarm * MILLI, job.panel().profile().capacity().busMilliamps());
    }

    private static double amps(Parts job, Cabling plan, SupplyNode root) {
        return root.onward().stream()
                .filter(node -> node.cableId()
                        .flatMap(job::cable)
                        .filter(cable -> bus(plan, cable))
                        .isPresent())
                .mapToDouble(SupplyNode::amps)
                .sum();
    }

    private static boolean bus(Cabling plan, Cable cable) {
        return plan.carries(cable, CoreUse.BUS_ONE);
    }

    /// Whether more is taken in an alarm than the profile allows.
    public boolean overloaded() {
        return limitMilliamps > 0 && alarmMilliamps > limitMilliamps;
    }
}
