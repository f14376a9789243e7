package io.answerback.core.remedy;

import io.answerback.core.cores.CorePlan;
import io.answerback.core.id.FedId;
import io.answerback.core.site.Job;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.Supplies;
import java.util.List;
import java.util.Optional;

/// The volts at everything a job feeds over cables.
final class FedVolts {
    private FedVolts() {}

    /// The volts at every device and module of a job that is fed over a cable.
    static List<DeviceVolts> all(Job job) {
        return all(Supplies.of(job, CorePlan.of(job)));
    }

    /// The same where the supplies are at hand.
    static List<DeviceVolts> all(Supplies supplies) {
        return supplies.states().stream()
                .flatMap(state -> state.volts().stream())
                .toList();
    }

    /// The volts at a part of a job; empty when nothing feeds it over a cable.
    static Optional<DeviceVolts> at(Job job, FedId part) {
        return all(job).stream().filter(device -> device.part().equals(part)).findFirst();
    }
}
