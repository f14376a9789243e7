package io.answerback.files;

import io.answerback.core.acceptance.AcceptancePlan;
import io.answerback.core.site.Job;
import io.answerback.files.demo.DemoJobs;

/// The acceptance plan of the first demo.
abstract class PlannedAcceptance {
    static final Job JOB = DemoJobs.job(1);
    static final AcceptancePlan PLAN = AcceptancePlan.of(JOB, DataFiles.events());
}
