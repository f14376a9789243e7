package io.answerback.core.testing;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import java.util.Optional;

/// What the rules find in a job.
public final class Found {
    private Found() {}

    /// The finding with this id; empty when there is none.
    public static Optional<Finding> in(Job job, String id) {
        return new Assessor(SmallJob.EVENTS)
                .assess(job).findings().stream()
                        .filter(finding -> finding.id().equals(id))
                        .findFirst();
    }

    /// Holds that an edit brings a finding that was not there before, with its figures and its remedy.
    ///
    /// @return the finding
    public static Finding after(Edit edit, Job job, String id, Grade grade, String says) {
        assertThat(in(job, id)).as("before").isEmpty();
        Finding finding = in(edit.on(job), id).orElseThrow();
        assertThat(finding.grade()).isEqualTo(grade);
        assertThat(finding.says()).contains(says);
        assertThat(finding.why()).isNotBlank();
        assertThat(finding.remedy()).isNotBlank();
        return finding;
    }
}
