package io.answerback.core.visit;

import io.answerback.core.practice.RuleFigure;
import io.answerback.core.site.Parts;
import io.answerback.core.site.Proof;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.Optional;

/// When somebody has to come back.
public final class NextVisit {
    private NextVisit() {}

    /// The day the next service visit falls due: the house rules' months after the latest proof, for a visit
    /// proves every point again. Empty while nothing was ever proven.
    ///
    /// @param zone whose calendar counts
    public static Optional<LocalDate> due(Parts job, ZoneId zone) {
        return job.proofs().stream()
                .map(Proof::answeredAt)
                .max(Comparator.naturalOrder())
                .map(last -> last.atZone(zone).toLocalDate().plusMonths((long)
                        job.practice().figure(RuleFigure.SERVICE_MONTHS)));
    }
}
