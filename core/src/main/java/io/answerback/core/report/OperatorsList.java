package io.answerback.core.report;

import io.answerback.core.common.Text;
import io.answerback.core.event.Qualifier;
import io.answerback.core.event.Signal;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.site.Area;
import io.answerback.core.site.Parts;
import io.answerback.core.site.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// What the operator has on the list for this site, to hold an incoming signal against.
///
/// @param job the site
public record OperatorsList(Parts job) {
    private static final Set<String> USER_EVENTS = Set.of("401", "403", "406", "407", "408", "409", "441", "459");

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
        if (signal.zone() != 0 && !USER_EVENTS.contains(signal.event())) {
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

    /// The line the operator reads: what, where, by name.
    ///
    /// @param what what the event means, in plain words
    public String line(Signal signal, String what) {
        String begins = signal.qualifier() == Qualifier.RESTORE ? what + ", restored" : what;
        if (signal.zone() == 0 || USER_EVENTS.contains(signal.event())) {
            return begins;
        }
        return begins + " · " + pointName(signal.zone()).orElse("zone " + signal.zoneDigits());
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
