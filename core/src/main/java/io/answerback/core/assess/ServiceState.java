package io.answerback.core.assess;

import io.answerback.core.duration.WorkCount;
import io.answerback.core.duration.WorkCounts;
import io.answerback.core.materials.MaterialList;
import io.answerback.core.memo.Facts;
import io.answerback.core.servicing.Drift;
import io.answerback.core.servicing.DueDate;
import io.answerback.core.servicing.DueDates;
import io.answerback.core.servicing.Leaving;
import io.answerback.core.servicing.LeavingCheck;
import io.answerback.core.servicing.ServicePlan;
import io.answerback.core.servicing.ServiceTask;
import io.answerback.core.servicing.Trend;
import java.util.List;

/// Everything computed about visits and handing over.
///
/// @param materials what is taken to the site
/// @param work how much work there is, and how much is left
/// @param drift what changes from visit to visit
/// @param due what falls due
/// @param tasks what a service visit has to do
/// @param leaving what is looked at before leaving
public record ServiceState(
        MaterialList materials,
        List<WorkCount> work,
        List<Trend> drift,
        List<DueDate> due,
        List<ServiceTask> tasks,
        List<LeavingCheck> leaving) {
    static ServiceState of(Facts facts) {
        return new ServiceState(
                facts.of(MaterialList.FACT),
                facts.of(WorkCounts.FACT),
                facts.of(Drift.FACT),
                facts.of(DueDates.FACT),
                facts.of(ServicePlan.FACT),
                facts.of(Leaving.FACT));
    }
}
