package io.answerback.assess;

import io.answerback.chain.Mark;
import io.answerback.chain.PointResult;
import io.answerback.chain.PointTracer;
import io.answerback.check.Finding;
import io.answerback.check.Grade;
import io.answerback.check.JobFacts;
import io.answerback.check.Rules;
import io.answerback.check.Stop;
import io.answerback.event.EventTable;
import io.answerback.job.Job;
import io.answerback.job.Link;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/// Computes an assessment. Pure: the same job gives the same assessment, with or without an earlier one to
/// build on.
///
/// @param events the event table
public record Assessor(EventTable events) {
    /// Everything computed from a job, from nothing.
    public Assessment assess(Job job) {
        return assess(job, Assessment.NONE);
    }

    /// Everything computed from a job, taking over from `earlier` whatever rests on the same parts.
    public Assessment assess(Job job, Assessment earlier) {
        PointTracer.Trace trace = new PointTracer(job, events).trace(earlier.trace());
        Map<String, List<Finding>> byPoint = new HashMap<>();
        JobFacts facts = JobFacts.of(job, trace.results(), earlier.facts());
        List<Finding> findings = new ArrayList<>(Rules.ofJob(facts));
        for (PointResult point : trace.results()) {
            List<Finding> its = earlier.findingsOf(point).orElseGet(() -> Rules.ofPoint(job, point));
            byPoint.put(point.pointId(), its);
            findings.addAll(its);
        }
        findings.sort(Rules.order());
        List<StopProgress> stops = Arrays.stream(Stop.values())
                .map(stop -> progress(stop, trace.results(), findings))
                .toList();
        return new Assessment(job, trace, facts, byPoint, findings, stops);
    }

    private static StopProgress progress(Stop stop, List<PointResult> points, List<Finding> findings) {
        List<PointResult> counted = points.stream()
                .filter(point -> switch (stop) {
                    case SURVEY, LOOP -> point.wired().isPresent();
                    case REPORT -> true;
                    case PROVE -> point.reported();
                })
                .toList();
        Predicate<PointResult> done = switch (stop) {
            case SURVEY -> Assessor::surveyed;
            case LOOP -> point -> point.worst(Link.LOOP, Link.INPUT) == Mark.SOUND;
            case REPORT -> point -> point.worst(Link.ZONE, Link.ROUTE) == Mark.SOUND;
            case PROVE -> PointResult::proven;
        };
        int count = (int) counted.stream().filter(done).count();
        return new StopProgress(stop, count, counted.size(), mark(stop, count, counted.size(), findings));
    }

    /// A point is surveyed when it is in an area and has an input to go to.
    private static boolean surveyed(PointResult point) {
        return point.wired()
                .filter(wired -> wired.input().isPresent())
                .flatMap(wired -> wired.point().duty().area())
                .isPresent();
    }

    private static Mark mark(Stop stop, int done, int of, List<Finding> findings) {
        List<Grade> grades = findings.stream()
                .filter(finding -> finding.stop() == stop)
                .map(Finding::grade)
                .toList();
        if (grades.contains(Grade.WRONG)) {
            return Mark.WRONG;
        }
        if (grades.contains(Grade.TIGHT)) {
            return Mark.TIGHT;
        }
        if (done < of || of == 0) {
            return Mark.NOT_DONE;
        }
        return stop == Stop.PROVE ? Mark.PROVEN : Mark.SOUND;
    }
}
