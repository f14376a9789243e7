package io.answerback.core.assess;

import io.answerback.core.chain.Mark;
import io.answerback.core.chain.PointResult;
import io.answerback.core.chain.PointTracer;
import io.answerback.core.check.Finding;
import io.answerback.core.check.JobFacts;
import io.answerback.core.check.Stop;
import io.answerback.core.site.Job;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Everything computed from one job.
///
/// @param job the job it was computed from
/// @param trace every point through its links
/// @param facts everything computed about the job as a whole
/// @param byPoint what was found in each point, by its id
/// @param findings everything that was found, worst first
/// @param stops how far each stop has come, in the order of work
public record Assessment(
        Job job,
        PointTracer.Trace trace,
        JobFacts facts,
        Map<String, List<Finding>> byPoint,
        List<Finding> findings,
        List<StopProgress> stops) {
    /// An assessment of nothing, to build the first one on.
    static final Assessment NONE = new Assessment(null, PointTracer.Trace.NONE, null, Map.of(), List.of(), List.of());

    public Assessment {
        byPoint = Map.copyOf(byPoint);
        findings = List.copyOf(findings);
        stops = List.copyOf(stops);
    }

    /// Everything computed about every point, zone points first.
    public List<PointResult> points() {
        return trace.results();
    }

    /// Everything computed about this zone point or system point; empty when there is none.
    public Optional<PointResult> point(String id) {
        return trace.find(id);
    }

    /// What was found in a point, if this very result of it is in this assessment.
    Optional<List<Finding>> findingsOf(PointResult point) {
        return trace.find(point.pointId()).filter(known -> known == point).map(known -> byPoint.get(point.pointId()));
    }

    /// The findings that belong at a stop for a point: the point's own first, then those of no point.
    public List<Finding> findingsAt(Stop stop, String pointId) {
        List<Finding> here =
                findings.stream().filter(finding -> finding.stop() == stop).toList();
        return java.util.stream.Stream.concat(
                        here.stream().filter(finding -> finding.point().equals(pointId)),
                        here.stream().filter(finding -> finding.point().isEmpty()))
                .toList();
    }

    /// How the work on one point stands at a stop: what was found there in the point, else whether it is done.
    public Mark mark(Stop stop, PointResult point) {
        return Assessor.worst(findings.stream()
                        .filter(finding ->
                                finding.stop() == stop && finding.point().equals(point.pointId())))
                .orElse(Assessor.done(stop, point) ? Mark.SOUND : Mark.NOT_DONE);
    }

    /// How far one stop has come.
    public StopProgress progress(Stop stop) {
        return stops.get(stop.ordinal());
    }
}
