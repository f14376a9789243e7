package io.answerback.core.panel.behaviour;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.TimedWalk;
import io.answerback.core.model.site.Zone;
import io.answerback.core.panel.operation.AreaMode;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.Operation;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.OperationState;
import io.answerback.core.setup.Intent;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

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

    /// Every walk of a job, kept as long as nothing of it changes.
    public static final Fact<List<EntryWalk>> ALL = Fact.of("ways in", EntryWalk::of);

    /// Every walk of a job.
    public static List<EntryWalk> of(Parts job) {
        if (job.setup().walks().isEmpty()) {
            return List.of();
        }
        Intent intent = new Intent(job);
        ZoneWatch watch = new ZoneWatch(OperationRules.of(job));
        return job.setup().walks().stream()
                .map(walk -> of(job, intent, watch, walk))
                .toList();
    }

    private static EntryWalk of(Parts job, Intent intent, ZoneWatch watch, TimedWalk walk) {
        Optional<Zone> door = zone(job, walk.from());
        Optional<Integer> area = door.flatMap(Zone::area);
        if (area.isEmpty()) {
            return new EntryWalk(walk, 0, 0, List.of(), "the way in has no zone with an area");
        }
        if (job.area(area.get()).isEmpty()) {
            return new EntryWalk(
                    walk,
                    area.get(),
                    0,
                    List.of(),
                    Text.of("its zone is in area %02d, which this site does not have", area.get()));
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
        OperationState entered = entered(watch.rules(), door.get().number());
        List<Passing> passings = new ArrayList<>();
        walk.paces().stream()
                .sorted(Comparator.comparingDouble(TimedWalk.Pace::seconds))
                .forEach(pace -> passing(job, watch, entered, pace).ifPresent(passings::add));
        return new EntryWalk(walk, area.get(), intent.entrySeconds(area.get()), passings, "");
    }

    private static Optional<Zone> zone(Parts job, PointId pointId) {
        return job.inputOf(pointId).map(Input::zone).flatMap(job::zone);
    }

    /// Every area set, and the door just opened.
    private static OperationState entered(OperationRules rules, int door) {
        Map<Integer, AreaMode> set =
                rules.areas().keySet().stream().collect(Collectors.toMap(area -> area, area -> AreaMode.SET));
        OperationState state = OperationState.standing(rules, set, false);
        return new Operation(rules)
                .step(state, new Happening.ZoneReads(door, Optional.of(Meaning.ALARM)), state.atMillis())
                .state();
    }

    /// What is always watched is not set off by passing it.
    private static Optional<Passing> passing(Parts job, ZoneWatch watch, OperationState entered, TimedWalk.Pace pace) {
        Optional<Zone> zone = zone(job, pace.pointId());
        ZoneType type = zone.map(Zone::type).orElse(ZoneType.NOT_USED);
        boolean alarms = zone.map(Zone::number)
                .map(watch.rules().zones()::get)
                .filter(rule -> !rule.type().watchesAlways())
                .filter(rule -> watch.of(rule, entered) == ZoneEffect.ALARM)
                .isPresent();
        return job.point(pace.pointId())
                .map(point -> new Passing(
                        point, pace.seconds(), type, zone.flatMap(Zone::area).orElse(0), alarms));
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
