package io.answerback.core.bus;

import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.site.Edit;
import java.util.stream.Stream;

/// Edits of the terminators of the bus.
public final class TerminatorEdits {
    private TerminatorEdits() {}

    /// A terminator at each end of the bus, and nowhere else.
    public static Edit atBothEnds() {
        return new Edit(
                "terminators of the bus",
                job -> job.withBus(job.bus().withTerminated(BusEnds.of(job).ends())));
    }

    /// A terminator at a module, or none.
    public static Edit at(ModuleId module, boolean fitted) {
        return new Edit("terminator", module, job -> {
            Stream<ModuleId> others = job.bus().terminated().stream().filter(its -> !its.equals(module));
            return job.withBus(job.bus()
                    .withTerminated(
                            fitted ? Stream.concat(others, Stream.of(module)).toList() : others.toList()));
        });
    }
}
