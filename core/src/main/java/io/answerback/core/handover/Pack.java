package io.answerback.core.handover;

import io.answerback.core.assess.Assessment;
import io.answerback.core.signal.event.EventTable;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;

/// Everything the client keeps, section by section. It computes and records; it approves nothing.
///
/// @param sections every section, in the order of the work
public record Pack(List<PackSection> sections) {
    public Pack {
        sections = List.copyOf(sections);
    }

    /// The pack of a job.
    ///
    /// @param events what events are called
    /// @param day the day it is made: visits are reckoned from it where there was none before
    public static Pack of(Assessment assessment, EventTable events, LocalDate day) {
        return new Pack(Stream.of(
                        new ClientSections(assessment.job()).sections(),
                        new BuiltSections(assessment, events).sections(),
                        new ReportingSections(assessment.job()).sections(),
                        new ShownSections(assessment, day).sections(),
                        new LabelSections(assessment.job()).sections(),
                        new PhotographSections(assessment.job()).sections())
                .flatMap(List::stream)
                .toList());
    }

    /// How many sections have gaps or something wrong in them.
    public long missing() {
        return sections.stream()
                .filter(section -> section.mark() != io.answerback.core.engine.finding.Mark.SOUND)
                .count();
    }
}
