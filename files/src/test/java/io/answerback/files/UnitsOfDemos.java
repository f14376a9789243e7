package io.answerback.files;

import io.answerback.core.model.site.Job;
import io.answerback.core.model.unit.Unit;

/// The communicators of the demos.
abstract class UnitsOfDemos {
    static Unit unit(Job job) {
        return job.communicator().unit().orElseThrow();
    }
}
