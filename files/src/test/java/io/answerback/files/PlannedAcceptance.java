package io.answerback.files;

import io.answerback.core.model.site.Job;
import io.answerback.core.prove.acceptance.AcceptancePlan;
import io.answerback.files.demo.DemoJobs;

/// The acceptance plan of the first demo.
abstract class PlannedAcceptance {
    static final Job JOB = DemoJobs.job(1);
    static final AcceptancePlan PLAN = AcceptancePlan.of(JOB, DataFiles.events());
}
