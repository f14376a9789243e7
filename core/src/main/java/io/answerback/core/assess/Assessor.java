package io.answerback.core.assess;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.Memo;
import io.answerback.core.engine.visit.Today;
import io.answerback.core.loop.fault.Priors;
import io.answerback.core.model.site.Job;
import io.answerback.core.signal.event.EventTable;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// Computes an assessment. Pure: the same job gives the same assessment, with or without an earlier one to
/// build on.
///
/// @param events the event table
/// @param today the day jobs are judged on; empty where nothing is to be judged by the date
/// @param priors how often each cause of strange readings is met
public record Assessor(EventTable events, Optional<LocalDate> today, Priors priors) {
    /// One that judges nothing by the date, and takes every cause of strange readings for as likely as any other.
    public Assessor(EventTable events) {
        this(events, Optional.empty(), Priors.EVEN);
    }

    /// One that knows how often each cause of strange readings is met.
    public Assessor with(Priors other) {
        return new Assessor(events, today, other);
    }

    /// One that judges jobs as they are on a day.
    public Assessor on(LocalDate day) {
        return new Assessor(events, Optional.of(day), priors);
    }

    /// What is computed from a job, from nothing.
    public Assessment assess(Job job) {
        return assess(job, new Memo(), Set.of());
    }

    /// What is computed from a job, taking over from `earlier` whatever rests on the same parts. What was asked of
    /// `earlier` is computed with it, so that it is there when it is asked for again.
    public Assessment assess(Job job, Assessment earlier) {
        return assess(job, earlier.memo(), earlier.asked());
    }

    private Assessment assess(Job job, Memo memo, Set<Fact<?>> wanted) {
        return Assessment.of(
                job, Map.of(EventTable.GIVEN, events, Today.GIVEN, today, Priors.GIVEN, priors), memo, wanted);
    }
}
