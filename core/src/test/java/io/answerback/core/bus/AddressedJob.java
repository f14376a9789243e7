package io.answerback.core.bus;

import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.site.BusAddress;
import io.answerback.core.model.site.Job;
import io.answerback.core.panel.Effect;
import io.answerback.core.panel.PanelStep;
import io.answerback.core.testing.SmallBus;
import io.answerback.core.testing.SmallJob;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/// A job whose modules have addresses.
abstract class AddressedJob {
    static final Instant NOW = Instant.parse("2026-05-12T09:00:00Z");

    static Job addressed() {
        return BusEdits.giveAddresses().on(SmallBus.job());
    }

    static List<String> found(Job job) {
        return new Assessor(SmallJob.EVENTS)
                .assess(job).findings().stream().map(Finding::id).toList();
    }

    static BusAddress at(int address, int area) {
        return new BusAddress(address, new ModuleId("Sender"), Optional.of(area));
    }

    static String why(PanelStep step) {
        return ((Effect.Silent) step.effects().getLast()).why();
    }
}
