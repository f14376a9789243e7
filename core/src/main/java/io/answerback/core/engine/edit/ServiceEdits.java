package io.answerback.core.engine.edit;

import io.answerback.core.model.service.Crew;
import io.answerback.core.model.service.HandedOver;
import io.answerback.core.model.service.Instructed;
import io.answerback.core.model.service.LeavingTick;
import io.answerback.core.model.service.LeftOut;
import io.answerback.core.model.service.PartUsed;
import io.answerback.core.model.service.Photograph;
import io.answerback.core.model.service.SiteService;
import io.answerback.core.model.service.Visit;
import io.answerback.core.model.service.VisitKind;
import io.answerback.core.model.site.Edit;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/// Edits to visits, and to what the client was shown and given.
public final class ServiceEdits {
    private ServiceEdits() {}

    private static Edit service(String name, UnaryOperator<SiteService> change) {
        return new Edit(name, job -> job.withService(change.apply(job.service())));
    }

    /// Begins a visit. What was looked at before leaving belongs to the visit before, and is asked anew.
    ///
    /// @throws IllegalArgumentException when the edit is made while somebody is there already, or before the latest
    ///     visit ended
    public static Edit begin(VisitKind kind, String reason, String by, Instant at) {
        return service("visit begun", service -> {
            service.now().ifPresent(open -> {
                throw new IllegalArgumentException("visit " + open.number() + " has not ended; end it first");
            });
            service.last().flatMap(Visit::end).filter(at::isBefore).ifPresent(end -> {
                throw new IllegalArgumentException("a visit cannot begin before the latest one ended");
            });
            Visit visit = Visit.begun(service.visits().size() + 1, kind, reason, by, at);
            return service.withVisits(and(service.visits(), visit)).withTicks(List.of());
        });
    }

    private static Edit now(String name, UnaryOperator<Visit> change) {
        return service(name, service -> {
            Visit open = service.now()
                    .orElseThrow(() -> new IllegalArgumentException("nobody is on a visit; begin one first"));
            List<Visit> visits = new ArrayList<>(service.visits());
            visits.set(visits.size() - 1, change.apply(open));
            return service.withVisits(visits);
        });
    }

    /// Ends the visit that somebody is on.
    ///
    /// @param changes what was changed on it, in words
    /// @throws IllegalArgumentException when the edit is made while nobody is there
    public static Edit end(Instant at, List<String> changes) {
        return now("visit ended", visit -> visit.ended(at, changes));
    }

    /// Notes a part that was used on the visit that somebody is on.
    public static Edit used(PartUsed part) {
        return now("used " + part.what(), visit -> visit.using(part));
    }

    /// Notes something that is not done on the visit that somebody is on.
    public static Edit leftOut(LeftOut out) {
        return now("left out " + out.what(), visit -> visit.leaving(out));
    }

    /// Agrees the day of the next visit; empty for what the rules say.
    public static Edit nextDue(Optional<LocalDate> day) {
        return now("day of the next visit", visit -> visit.withNextDue(day));
    }

    /// Says who works on the job, and until when.
    public static Edit crew(Crew crew) {
        return service("crew", service -> service.withCrew(crew));
    }

    /// Notes that something of the list of materials is in the van, or is not.
    public static Edit loaded(String id, boolean in) {
        return service(in ? "loaded" : "unloaded", service -> {
            List<String> ids = without(service.loaded(), id::equals);
            return service.withLoaded(in ? and(ids, id) : ids);
        });
    }

    /// Notes that something was looked at before leaving.
    public static Edit looked(LeavingTick tick) {
        return service(
                "looked at before leaving",
                service -> service.withTicks(and(
                        without(service.ticks(), old -> old.id().equals(tick.id())), tick)));
    }

    /// Takes back that something was looked at before leaving.
    public static Edit notLooked(String id) {
        return service(
                "not looked at before leaving",
                service -> service.withTicks(
                        without(service.ticks(), old -> old.id().equals(id))));
    }

    /// Notes who was shown how, in place of what was noted of that person.
    public static Edit instructed(Instructed person) {
        return service(
                person.name() + " shown how",
                service -> service.withInstructed(and(
                        without(service.instructed(), old -> old.name().equals(person.name())), person)));
    }

    /// Notes what the client was given.
    public static Edit handedOver(HandedOver given) {
        return service(
                given.what() + " handed over", service -> service.withHandedOver(and(service.handedOver(), given)));
    }

    /// Keeps a photograph, in place of one of the same name.
    public static Edit photograph(Photograph photograph) {
        return service(
                "photograph of " + photograph.of(),
                service -> service.withPhotographs(and(
                        without(service.photographs(), old -> old.file().equals(photograph.file())), photograph)));
    }

    /// Lets go of a photograph; its file stays where it is.
    public static Edit withoutPhotograph(String file) {
        return service(
                "photograph taken out",
                service -> service.withPhotographs(
                        without(service.photographs(), old -> old.file().equals(file))));
    }

    private static <T> List<T> and(List<T> list, T more) {
        List<T> all = new ArrayList<>(list);
        all.add(more);
        return all;
    }

    private static <T> List<T> without(List<T> list, Predicate<T> which) {
        return list.stream().filter(which.negate()).toList();
    }
}
