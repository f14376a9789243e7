package io.answerback.core.setup;

import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.site.Job;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallSetup;
import java.time.Instant;
import java.util.List;

/// A job whose decisions are typed into its panel.
abstract class TypedPanel {
    static final Instant NOW = Instant.parse("2026-05-12T09:00:00Z");
    final Job job = SmallSetup.job();

    static EntryStep step(Job job, String setting, int number) {
        return RunSheet.of(job).step(setting, number).orElseThrow();
    }

    static List<String> found(Job job) {
        return new Assessor(SmallJob.EVENTS)
                .assess(job).findings().stream().map(Finding::id).toList();
    }

    static Job typed(Job job) {
        Job next = job;
        for (EntryStep step : RunSheet.of(job).open()) {
            if (step.entry().isPresent()) {
                next = SetupEdits.typed(step, NOW, 10).on(next);
            }
        }
        return next;
    }
}
