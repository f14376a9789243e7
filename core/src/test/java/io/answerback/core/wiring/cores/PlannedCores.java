package io.answerback.core.wiring.cores;

import static io.answerback.core.testing.SmallBox.job;

import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.site.Job;
import io.answerback.core.testing.SmallJob;
import java.util.List;

/// Core plans of boxes and cables of a small job.
abstract class PlannedCores {
    static BoxPlan box(Job job) {
        return CorePlan.of(job).boxes().getFirst();
    }

    static CoreTermination termination(Job job, String cable, CoreUse use) {
        return CorePlan.of(job)
                .cable(new CableId(cable))
                .orElseThrow()
                .core(use)
                .orElseThrow()
                .termination();
    }

    static List<String> atCable(Job job) {
        return new Assessor(SmallJob.EVENTS)
                .assess(job).findings().stream()
                        .filter(finding -> finding.stop() == Stop.CABLE)
                        .map(Finding::id)
                        .toList();
    }
}
