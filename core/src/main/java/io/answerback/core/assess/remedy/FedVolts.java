package io.answerback.core.assess.remedy;

import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.id.FedId;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.Supplies;
import java.util.List;
import java.util.Optional;

/// The volts at everything a job feeds over cables.
final class FedVolts {
    private FedVolts() {}

    /// The volts at every device and module of a job that is fed over a cable.
    static List<DeviceVolts> all(Facts facts) {
        return facts.of(Supplies.STATES).stream()
                .flatMap(state -> state.volts().stream())
                .toList();
    }

    /// The volts at one of them; empty when nothing feeds it over a cable.
    static Optional<DeviceVolts> at(Facts facts, FedId part) {
        return all(facts).stream().filter(device -> device.part().equals(part)).findFirst();
    }
}
