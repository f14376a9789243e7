package io.answerback.core.engine.visit;

import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.service.Visit;
import io.answerback.core.model.shown.Showing;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Proof;
import io.answerback.core.model.unit.SimCard;
import io.answerback.core.model.unit.Unit;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;

/// When somebody has to come back.
public final class NextVisit {
    private NextVisit() {}

    /// The day somebody has to come back: when the next service visit falls due, or when the SIM of the
    /// communicator is no longer active, whichever is earlier. Service is due on the day that was agreed, else the
    /// house rules' months after the latest visit, or after what was shown last. Empty while nobody was there and
    /// nothing ends.
    ///
    /// @param zone whose calendar counts
    public static Optional<LocalDate> due(Parts job, ZoneId zone) {
        Optional<LocalDate> agreed = job.service().last().flatMap(Visit::nextDue);
        Optional<LocalDate> service = agreed.or(() -> last(job)
                .map(at -> at.atZone(zone).toLocalDate().plusMonths((long)
                        job.practice().figure(RuleFigure.SERVICE_MONTHS))));
        Optional<LocalDate> sim = job.communicator().unit().flatMap(Unit::sim).flatMap(SimCard::activeUntil);
        return Stream.of(service, sim).flatMap(Optional::stream).min(Comparator.naturalOrder());
    }

    /// What a visit is reckoned from: the end of the latest visit, or what was shown or answered last.
    public static Optional<Instant> last(Parts job) {
        return Stream.of(
                        job.service().last().flatMap(Visit::end).stream(),
                        job.proofs().stream().map(Proof::answeredAt),
                        job.acceptance().showings().stream().map(Showing::at))
                .flatMap(its -> its)
                .max(Comparator.naturalOrder());
    }
}
