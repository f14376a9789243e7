package io.answerback.core.assess;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.visit.NextVisit;
import io.answerback.core.work.servicing.DueDate;
import io.answerback.core.work.servicing.DueDates;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// How a job stands, in the few words that tell it from others.
///
/// @param site the site's name
/// @param place where that is; may be empty
/// @param stops how far each stop has come, in the order of work
/// @param reached the first stop with something left to do; empty when all are done
/// @param worst the worst finding that is more than a note; empty when there is none
/// @param due when the next service visit falls due; empty while nothing was ever proven
public record JobStanding(
        String site,
        String place,
        List<StopProgress> stops,
        Optional<StopProgress> reached,
        Optional<Finding> worst,
        Optional<LocalDate> due) {
    /// How an assessed job stands.
    ///
    /// @param zone whose calendar counts for the due date
    public static JobStanding of(Assessment assessment, ZoneId zone) {
        var job = assessment.job();
        return new JobStanding(
                job.site().name(),
                job.site().place(),
                assessment.stops(),
                assessment.stops().stream()
                        .filter(stop -> stop.done() < stop.of() || stop.of() == 0)
                        .findFirst(),
                assessment.findings().stream()
                        .filter(finding -> finding.grade() != Grade.NOTE)
                        .findFirst(),
                due(assessment, zone));
    }

    /// The first day on which anything falls due: a visit, a battery, or the SIM. What drifts is no date to keep.
    private static Optional<LocalDate> due(Assessment assessment, ZoneId zone) {
        return Stream.concat(
                        NextVisit.due(assessment.job(), zone).stream(),
                        assessment.get(DueDates.FACT).stream()
                                .filter(date -> date.kind() != DueDate.Kind.VISIT && date.kind() != DueDate.Kind.DRIFT)
                                .map(DueDate::date))
                .min(Comparator.naturalOrder());
    }
}
