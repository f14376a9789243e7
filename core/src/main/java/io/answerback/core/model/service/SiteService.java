package io.answerback.core.model.service;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/// Everything about visits to a site, and what the client was shown and given.
///
/// @param visits the visits, the first one first
/// @param loaded what is in the van, by the ids of the list of materials
/// @param ticks what was looked at before leaving, on this visit
/// @param instructed who was shown how
/// @param handedOver what the client was given
/// @param photographs the photographs beside the job
/// @param crew who works on it, and until when
@RecordBuilder
public record SiteService(
        List<Visit> visits,
        List<String> loaded,
        List<LeavingTick> ticks,
        List<Instructed> instructed,
        List<HandedOver> handedOver,
        List<Photograph> photographs,
        Crew crew)
        implements SiteServiceBuilder.With {
    /// Nobody was there yet.
    public static final SiteService NOTHING =
            new SiteService(List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), Crew.USUAL);

    public SiteService {
        visits = List.copyOf(visits == null ? List.of() : visits);
        loaded = List.copyOf(loaded == null ? List.of() : loaded);
        ticks = List.copyOf(ticks == null ? List.of() : ticks);
        instructed = List.copyOf(instructed == null ? List.of() : instructed);
        handedOver = List.copyOf(handedOver == null ? List.of() : handedOver);
        photographs = List.copyOf(photographs == null ? List.of() : photographs);
        crew = crew == null ? Crew.USUAL : crew;
    }

    /// The visit that somebody is on now; empty while nobody is there.
    public Optional<Visit> now() {
        return visits.isEmpty()
                ? Optional.empty()
                : Optional.of(visits.getLast()).filter(Visit::open);
    }

    /// The latest visit that has ended; empty before the first one.
    public Optional<Visit> last() {
        return visits.reversed().stream().filter(visit -> !visit.open()).findFirst();
    }
}
