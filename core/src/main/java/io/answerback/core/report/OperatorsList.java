package io.answerback.core.report;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Zone;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Numbered;
import io.answerback.core.signal.event.Signal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What the operator has on the list for this site, to hold an incoming signal against.
///
/// @param job the site
/// @param events the event table, in the words of the firm
public record OperatorsList(Parts job, EventTable events) {
    /// What is wrong with a signal that was received whole: account of another site, zone not on the list, or
    /// area wrong. Empty when nothing is.
    public List<String> problems(Signal signal) {
        if (job.areas().stream().noneMatch(area -> area.account().equals(signal.account()))) {
            return List.of("account " + signal.account() + " is not this site's");
        }
        List<String> problems = new ArrayList<>();
        job.area(signal.area())
                .map(Area::account)
                .filter(account -> !account.equals(signal.account()))
                .ifPresent(account -> problems.add(Text.of("area %02d reports under %s", signal.area(), account)));
        if (signal.zone() != 0 && events.numbered(signal.event()) == Numbered.ZONE) {
            zoneProblem(signal).ifPresent(problems::add);
        }
        return List.copyOf(problems);
    }

    private Optional<String> zoneProblem(Signal signal) {
        Optional<Zone> zone = job.zone(signal.zone()).filter(known -> known.type() != ZoneType.NOT_USED);
        if (zone.isEmpty()) {
            return Optional.of("zone " + signal.zoneDigits() + " is not on the list");
        }
        return zone.get()
                .area()
                .filter(area -> area != signal.area())
                .map(area -> Text.of("zone %s is in area %02d on the list", signal.zoneDigits(), area));
    }

    /// The line the operator reads: what, and where by name or by whom.
    public String line(Signal signal) {
        Numbered numbered = events.numbered(signal.event());
        String of = numbered.words(signal.zone());
        String named = numbered == Numbered.ZONE ? pointName(signal.zone()).orElse(of) : of;
        return of.isEmpty() ? events.words(signal) : events.words(signal) + " · " + named;
    }

    private Optional<String> pointName(int zone) {
        return job.inputs().stream()
                .filter(input -> input.zone() == zone)
                .flatMap(input -> input.pointId().stream())
                .flatMap(id -> job.point(id).stream())
                .map(point -> point.name())
                .findFirst();
    }
}
