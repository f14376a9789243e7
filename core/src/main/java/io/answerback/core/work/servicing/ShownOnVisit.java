package io.answerback.core.work.servicing;

import io.answerback.core.model.service.Visit;
import io.answerback.core.model.shown.Acceptance;
import io.answerback.core.model.shown.Showing;
import io.answerback.core.prove.acceptance.LineState;
import java.time.Instant;
import java.util.List;

/// What was shown on a visit.
public final class ShownOnVisit {
    private ShownOnVisit() {}

    /// The titles of the lines that were shown on the real panel while somebody was there, in the order of the plan. A
    /// line that was shown again later counts for the later visit: of each way only the latest is kept.
    public static List<String> titles(Visit visit, Acceptance acceptance, List<LineState> plan) {
        return plan.stream()
                .map(LineState::line)
                .filter(line -> acceptance.of(line.id()).stream()
                        .filter(showing -> showing.way() != Showing.Way.MODEL)
                        .anyMatch(showing -> during(visit, showing.at())))
                .map(line -> line.title())
                .toList();
    }

    private static boolean during(Visit visit, Instant at) {
        return !at.isBefore(visit.begin())
                && visit.end().filter(end -> at.isAfter(end)).isEmpty();
    }
}
