package io.answerback.core.setup;

import io.answerback.core.common.Text;
import io.answerback.core.id.PointId;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.site.Input;
import io.answerback.core.site.Parts;
import io.answerback.core.site.Point;
import io.answerback.core.site.TimedWalk;
import io.answerback.core.site.Zone;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// A way in, walked with the site set: whether one gets to the keypad and unsets it before it alarms.
///
/// @param walk the walk
/// @param area the area that is entered
/// @param entrySeconds the time there is, in seconds
/// @param passings the points passed, in the order of the way
/// @param unready why it cannot be judged; empty when it can
public record EntryWalk(TimedWalk walk, int area, double entrySeconds, List<Passing> passings, String unready) {
    /// A point passed on the way.
    ///
    /// @param point the point
    /// @param seconds when, in seconds since the door opened
    /// @param type how its zone is programmed
    /// @param area the area of its zone; 0 for none
    /// @param alarms whether it alarms at once when it is passed
    public record Passing(Point point, double seconds, ZoneType type, int area, boolean alarms) {}

    public EntryWalk {
        passings = List.copyOf(passings);
    }

    /// Every walk of a job.
    public static List<EntryWalk> of(Parts job) {
        Intent intent = new Intent(job);
        return job.setup().walks().stream().map(walk -> of(job, intent, walk)).toList();
    }

    private static EntryWalk of(Parts job, Intent intent, TimedWalk walk) {
        Optional<Zone> door = zone(job, walk.from());
        Optional<Integer> area = door.flatMap(Zone::area);
        if (area.isEmpty()) {
            return new EntryWalk(walk, 0, 0, List.of(), "the way in has no zone with an area");
        }
        if (door.get().type() != ZoneType.ENTRY_EXIT) {
            return new EntryWalk(
                    walk,
                    area.get(),
                    0,
                    List.of(),
                    Text.of(
                            "zone %02d is %s: it starts no entry time",
                            door.get().number(), door.get().type().words()));
        }
        List<Passing> passings = new ArrayList<>();
        walk.paces().stream()
                .sorted(Comparator.comparingDouble(TimedWalk.Pace::seconds))
                .forEach(pace -> passing(job, area.get(), pace).ifPresent(passings::add));
        return new EntryWalk(walk, area.get(), intent.entrySeconds(area.get()), passings, "");
    }

    private static Optional<Zone> zone(Parts job, PointId pointId) {
        return job.inputOf(pointId).map(Input::zone).flatMap(job::zone);
    }

    /// With every area set, what is immediate alarms wherever it is; an entry route waits in the area that
    /// is entered only.
    private static Optional<Passing> passing(Parts job, int area, TimedWalk.Pace pace) {
        Optional<Zone> zone = zone(job, pace.pointId());
        ZoneType type = zone.map(Zone::type).orElse(ZoneType.NOT_USED);
        Optional<Integer> its = zone.flatMap(Zone::area);
        boolean alarms =
                its.isPresent() && (type == ZoneType.IMMEDIATE || type == ZoneType.ENTRY_ROUTE && its.get() != area);
        return job.point(pace.pointId()).map(point -> new Passing(point, pace.seconds(), type, its.orElse(0), alarms));
    }

    /// By how many seconds the time is too short; 0 when it is long enough.
    public double shortBySeconds() {
        return unready.isEmpty() ? Math.max(0, walk.seconds() - entrySeconds) : 0;
    }

    /// Whether one gets in without an alarm.
    public boolean ok() {
        return unready.isEmpty() && shortBySeconds() == 0 && passings.stream().noneMatch(Passing::alarms);
    }
}
