package io.answerback.files;

import io.answerback.core.site.Job;
import io.answerback.core.unit.Unit;

/// The communicators of the demos.
abstract class UnitsOfDemos {
    static Unit unit(Job job) {
        return job.communicator().unit().orElseThrow();
    }
}
