package io.answerback.core.supply;

import static io.answerback.core.testing.SmallBox.POWERED;

import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.PowerOrder;
import io.answerback.core.model.site.Job;
import io.answerback.core.testing.SmallBox;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallParts;
import io.answerback.core.wiring.cores.CorePlan;
import java.util.List;
import java.util.Set;

/// A job with a supply and its volts.
abstract class SuppliedJob {
    static final CableType EIGHT = SmallParts.cableType(
            "8",
            "8-core",
            SmallJob.THIN,
            List.of("red", "black", "yellow", "green", "blue", "white", "brown", "orange"),
            false,
            false);

    static Job job() {
        Job job = PointEdits.change("", Set.of(new PointId("01"), new PointId("02")), point -> point.withKind(POWERED))
                .on(SmallBox.job(EIGHT));
        return SmallBox.supplied(job, SmallParts.supply(1000, 350, 7, 11.2, 10.5, PowerOrder.BATTERY_FIRST, 0));
    }

    static SupplyState state(Job job) {
        return Supplies.of(job, CorePlan.of(job)).states().getFirst();
    }

    static DeviceVolts volts(Job job, FedId part) {
        return state(job).volts().stream()
                .filter(device -> device.part().equals(part))
                .findFirst()
                .orElseThrow();
    }
}
