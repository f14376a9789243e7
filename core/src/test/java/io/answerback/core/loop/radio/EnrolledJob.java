package io.answerback.core.loop.radio;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Link;
import io.answerback.core.prove.chain.LinkState;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallRadio;
import java.time.LocalDate;
import java.util.List;

/// A job with wireless devices.
abstract class EnrolledJob {
    static Assessment assessed(Job job) {
        return new Assessor(SmallJob.EVENTS).on(LocalDate.parse("2026-05-12")).assess(job);
    }

    static List<String> found(Job job) {
        return assessed(job).findings().stream().map(Finding::id).toList();
    }

    static LinkState link(Job job, String point, Link link) {
        return assessed(job).point(new PointId(point)).orElseThrow().chain().of(link);
    }

    static Job enrolled(String... points) {
        Job job = SmallRadio.placed();
        for (String point : points) {
            job = RadioEdits.enrol(new InputId(SmallRadio.input(job, point))).on(job);
        }
        return job;
    }
}
