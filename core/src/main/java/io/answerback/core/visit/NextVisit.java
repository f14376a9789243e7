package io.answerback.core.visit;

import io.answerback.core.practice.RuleFigure;
import io.answerback.core.site.Parts;
import io.answerback.core.site.Proof;
import io.answerback.core.unit.SimCard;
import io.answerback.core.unit.Unit;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;

/// When somebody has to come back.
public final class NextVisit {
    private NextVisit() {}

    /// The day somebody has to come back: when the next service visit falls due, or when the SIM of the
    /// communicator is no longer active, whichever is earlier. Service is due the house rules' months after the
    /// latest proof, for a visit proves every point again. Empty while nothing was ever proven and nothing ends.
    ///
    /// @param zone whose calendar counts
    public static Optional<LocalDate> due(Parts job, ZoneId zone) {
        Optional<LocalDate> service = job.proofs().stream()
                .map(Proof::answeredAt)
                .max(Comparator.naturalOrder())
                .map(last -> last.atZone(zone).toLocalDate().plusMonths((long)
                        job.practice().figure(RuleFigure.SERVICE_MONTHS)));
        Optional<LocalDate> sim = job.communicator().unit().flatMap(Unit::sim).flatMap(SimCard::activeUntil);
        return Stream.of(service, sim).flatMap(Optional::stream).min(Comparator.naturalOrder());
    }
}
