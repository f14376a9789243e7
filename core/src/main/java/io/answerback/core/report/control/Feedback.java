package io.answerback.core.report.control;

import io.answerback.core.model.site.Parts;
import io.answerback.core.model.unit.Attachment;
import io.answerback.core.model.unit.Unit;
import io.answerback.core.wiring.cores.EventCores;

/// What a communicator learns of whether the site is set.
public enum Feedback {
    /// It knows: it listens on the bus, reads the panel's reports, sets the site itself, or an output tells it.
    KNOWN,
    /// It does not know, and its contact stays on while the site is meant to be set.
    UNKNOWN_HELD,
    /// It does not know, and its pulse changes the panel over.
    UNKNOWN_PULSE;

    /// What the communicator of a job learns.
    public static Feedback of(Parts job) {
        return job.communicator()
                .unit()
                .filter(unit -> unit.fitting()
                        .way()
                        .filter(way -> way == Attachment.INPUTS_AND_OUTPUTS)
                        .isPresent())
                .filter(unit -> !EventCores.tellsWhetherSet(job, unit))
                .map(Feedback::untold)
                .orElse(KNOWN);
    }

    private static Feedback untold(Unit unit) {
        return unit.profile().holdsKeySwitch() ? UNKNOWN_HELD : UNKNOWN_PULSE;
    }
}
