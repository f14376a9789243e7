package io.answerback.core.panel.operation;

import io.answerback.core.model.profile.Meaning;
import io.answerback.core.panel.operation.Happening.BatteryState;
import io.answerback.core.signal.event.Signal;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;

/// What a panel remembers. Never changes; each step makes another.
///
/// @param atMillis the time of the last step, in milliseconds since the log began, which was at midnight
/// @param areas how each area stands, by number
/// @param reads what each zone read last
/// @param timers everything that will happen by itself, the next first
/// @param zones what it remembers of its zones besides
/// @param sounding what sounds
/// @param outputs the outputs that are on, by number
/// @param power what is known of supply, path and modules
/// @param service what engineers do at it
/// @param wrongCodes wrong codes in a row
/// @param aheadMillis by how much its clock is ahead of the time of day, in milliseconds
/// @param waiting what came up while no path worked, oldest first: it is sent once one works
public record OperationState(
        long atMillis,
        Map<Integer, AreaState> areas,
        ZoneReadings reads,
        Timers timers,
        ZoneMemory zones,
        Act.Pattern sounding,
        SortedSet<Integer> outputs,
        Health power,
        Service service,
        int wrongCodes,
        long aheadMillis,
        List<Waiting> waiting) {
    /// A signal that waits for a path.
    ///
    /// @param sinceMillis when it came up
    public record Waiting(Signal signal, long sinceMillis) {}

    /// Supply, path and modules.
    ///
    /// @param mains whether the mains is there
    /// @param mainsSent whether its failure was sent
    /// @param battery how the battery is
    /// @param batterySeen how the panel last found the battery
    /// @param lostPaths the paths that are lost, by their place in the order in which they are tried, from 1; 0 is
    ///     the communicator itself, without which none works
    /// @param lost addresses of modules that do not answer
    public record Health(
            boolean mains,
            boolean mainsSent,
            BatteryState battery,
            BatteryState batterySeen,
            Set<Integer> lostPaths,
            Set<Integer> lost) {
        /// Everything well.
        public static final Health WELL =
                new Health(true, false, BatteryState.WELL, BatteryState.WELL, Set.of(), Set.of());

        /// Whether anything is wrong that a user has to know before setting.
        boolean faulty() {
            return !mains || batterySeen != BatteryState.WELL || !lostPaths.isEmpty() || !lost.isEmpty();
        }

        /// Whether nothing can leave.
        ///
        /// @param paths how many paths there are
        boolean silent(int paths) {
            return lostPaths.contains(0) || lostPaths.size() >= paths;
        }

        Health withMains(boolean there, boolean sent) {
            return new Health(there, sent, battery, batterySeen, lostPaths, lost);
        }

        Health withBattery(BatteryState is, BatteryState seen) {
            return new Health(mains, mainsSent, is, seen, lostPaths, lost);
        }

        Health withPath(int path, boolean works) {
            return new Health(mains, mainsSent, battery, batterySeen, changed(lostPaths, path, !works), lost);
        }

        Health withModule(int address, boolean answers) {
            return new Health(mains, mainsSent, battery, batterySeen, lostPaths, changed(lost, address, !answers));
        }

        private static Set<Integer> changed(Set<Integer> old, int number, boolean in) {
            Set<Integer> next = new HashSet<>(old);
            if (in) {
                next.add(number);
            } else {
                next.remove(number);
            }
            return Set.copyOf(next);
        }
    }

    /// What engineers do at a panel.
    ///
    /// @param programming whether its programming is open
    /// @param walked areas that are walk tested
    /// @param dead whether it has no power at all
    public record Service(boolean programming, Set<Integer> walked, boolean dead) {
        /// Nobody does anything.
        public static final Service NONE = new Service(false, Set.of(), false);
    }

    /// Every area unset, everything at rest; the first periodic test on its way, and the first setting by itself.
    public static OperationState fresh(OperationRules rules) {
        Map<Integer, AreaState> areas = new TreeMap<>();
        rules.areas().keySet().forEach(area -> areas.put(area, AreaState.UNSET));
        OperationDraft draft = new OperationDraft(new OperationState(
                0,
                Collections.unmodifiableMap(areas),
                ZoneReadings.NORMAL,
                Timers.NONE,
                ZoneMemory.NONE,
                Act.Pattern.SILENCE,
                Collections.emptySortedSet(),
                Health.WELL,
                Service.NONE,
                0,
                0,
                List.of()));
        new TimedEvents(rules, draft).wind();
        return draft.made();
    }

    /// Areas as somebody says, everything at rest and nothing running: as a site stands that was left alone since.
    ///
    /// @param modes how areas stand; those that are not named are unset
    /// @param part whether those are set in part
    public static OperationState standing(OperationRules rules, Map<Integer, AreaMode> modes, boolean part) {
        OperationState fresh = fresh(rules);
        OperationDraft draft = new OperationDraft(fresh);
        draft.stopAll();
        modes.forEach((area, mode) -> draft.put(area, AreaState.standing(mode, part)));
        return draft.made();
    }

    /// The same once it has been left alone: nothing runs or sounds, no alarm is remembered, and what is set
    /// stays set.
    public OperationState calm() {
        OperationDraft draft = new OperationDraft(this);
        draft.calm();
        areas.forEach((number, area) ->
                draft.put(number, AreaState.standing(area.mode().settled(area.part()), area.part())));
        return draft.made();
    }

    /// How an area stands.
    ///
    /// @throws IllegalArgumentException when there is none with that number
    public AreaState area(int number) {
        AreaState area = areas.get(number);
        if (area == null) {
            throw new IllegalArgumentException("there is no area " + number + "; there are " + areas.keySet());
        }
        return area;
    }

    /// Zones that somebody left out by hand, each with the number of who did.
    public SortedMap<Integer, Integer> byHand() {
        return zones.byHand();
    }

    /// What a zone read last.
    public Meaning reads(int zone) {
        return reads.of(zone);
    }

    /// What happens next by itself; empty while nothing runs.
    public Optional<Timer> next() {
        return timers.isEmpty() ? Optional.empty() : Optional.of(timers.getFirst());
    }
}
