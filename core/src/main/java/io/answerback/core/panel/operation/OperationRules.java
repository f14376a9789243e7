package io.answerback.core.panel.operation;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.model.profile.Decision.OutputUse;
import io.answerback.core.model.profile.Decision.PartSet;
import io.answerback.core.model.profile.Decision.ResetBy;
import io.answerback.core.model.profile.PanelManners;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Parts;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.function.Predicate;

/// Everything a panel goes by, read once from the decisions of a job and from what its profile says of it.
///
/// @param areas each area, by number
/// @param zones each zone that is on and in an area, by number
/// @param users each user, by number; where there are none, any number may work all areas
/// @param outputs what each output of the board follows, by number
/// @param times how long things last
/// @param options what was decided with yes or no
/// @param manners what the panel does of itself
/// @param paths over how many paths it reports, at least one
public record OperationRules(
        Map<Integer, AreaRule> areas,
        Map<Integer, ZoneRule> zones,
        Map<Integer, UserRule> users,
        Map<Integer, OutputUse> outputs,
        Times times,
        Options options,
        PanelManners manners,
        int paths) {
    /// The rules of a job, kept as long as nothing of them changes.
    public static final Fact<OperationRules> FACT = Fact.of("what the panel goes by", OperationRules::of);

    static final long DAY = 86_400_000;

    /// An area.
    ///
    /// @param account what it reports under; empty where it reports nothing
    /// @param follows the areas it follows; none for one that is set on its own
    /// @param setsAtMillis at which time of day it sets by itself, in milliseconds since midnight; empty for
    ///     never
    public record AreaRule(
            int number,
            String name,
            String account,
            long entryMillis,
            long exitMillis,
            SortedSet<Integer> follows,
            Optional<Long> setsAtMillis) {}

    /// A zone.
    ///
    /// @param areas the areas it is in, at least one; what it sends goes under the first
    /// @param event what it sends; empty for nothing
    /// @param doubleKnock whether it has to be opened twice within a while before it alarms
    public record ZoneRule(
            int number,
            String name,
            ZoneType type,
            SortedSet<Integer> areas,
            String event,
            PartSet part,
            boolean chime,
            boolean doubleKnock) {
        /// A zone that alarms at once.
        public ZoneRule(
                int number,
                String name,
                ZoneType type,
                SortedSet<Integer> areas,
                String event,
                PartSet part,
                boolean chime) {
            this(number, name, type, areas, event, part, chime, false);
        }

        /// The area it reports under.
        public int area() {
            return areas.first();
        }

        /// Whether it waits for the exit and the entry time.
        boolean delayed() {
            return type.delayed();
        }

        /// Whether it can keep its area from being set.
        boolean hinders(boolean partSet) {
            boolean out = partSet && part == PartSet.OUT;
            return !type.switches() && type != ZoneType.LOG_ONLY && !out;
        }
    }

    /// A user.
    ///
    /// @param areas the areas a user may work
    /// @param hours from when until when each day; empty for always
    public record UserRule(Set<Integer> areas, Optional<Hours> hours) {
        /// A span of the day, in milliseconds since midnight; over midnight where it ends before it begins.
        public record Hours(long fromMillis, long untilMillis, String words) {
            boolean holds(long atMillis) {
                long time = Math.floorMod(atMillis, DAY);
                return fromMillis <= untilMillis
                        ? time >= fromMillis && time < untilMillis
                        : time >= fromMillis || time < untilMillis;
            }
        }
    }

    /// How long things last, in milliseconds.
    ///
    /// @param sounderMillis how long sounders sound
    /// @param confirmationMillis within which time a second zone confirms; 0 where none is asked for
    /// @param reportDelayMillis how long a burglary waits before it is sent
    /// @param testMillis how often a test is sent; 0 for never
    /// @param warningMillis how long keypads warn before an area sets by itself
    public record Times(
            long sounderMillis, long confirmationMillis, long reportDelayMillis, long testMillis, long warningMillis) {}

    /// What was decided with yes or no, and how often one zone may alarm.
    ///
    /// @param mostAlarms how often a zone may alarm before it is left out
    /// @param forcedSet whether the site can be set with something open
    /// @param quickSet whether it can be set without a code
    /// @param restoresSet whether it comes back set after a power cut, as it was
    /// @param exitBeeps whether keypads beep while the exit time runs
    /// @param reportsSetting whether setting and unsetting are reported
    /// @param reportsTroubles whether troubles are reported
    /// @param exitRestarts whether the exit time begins again, once, when the door is opened again
    /// @param fireVerified whether a fire zone has to alarm twice
    /// @param resetBy who resets it after a confirmed alarm
    public record Options(
            int mostAlarms,
            boolean forcedSet,
            boolean quickSet,
            boolean restoresSet,
            boolean exitBeeps,
            boolean reportsSetting,
            boolean reportsTroubles,
            boolean exitRestarts,
            boolean fireVerified,
            ResetBy resetBy) {}

    public OperationRules {
        areas = Collections.unmodifiableMap(new TreeMap<>(areas));
        zones = Collections.unmodifiableMap(new TreeMap<>(zones));
        users = Collections.unmodifiableMap(new TreeMap<>(users));
        outputs = Collections.unmodifiableMap(new TreeMap<>(outputs));
    }

    /// The rules of a job.
    public static OperationRules of(Parts job) {
        return new RulesOfJob(job).made();
    }

    /// The same with other behaviours of some zones, each with the event of its behaviour.
    public OperationRules with(Map<Integer, ZoneType> types) {
        Map<Integer, ZoneRule> other = new TreeMap<>(zones);
        types.forEach((number, type) -> other.computeIfPresent(
                number,
                (same, zone) -> new ZoneRule(
                        number,
                        zone.name(),
                        type,
                        zone.areas(),
                        type.event(),
                        zone.part(),
                        zone.chime(),
                        zone.doubleKnock())));
        return new OperationRules(areas, other, users, outputs, times, options, manners, paths);
    }

    /// Why a user may not work an area now; empty when nothing is against it. Nobody's number, 0, is that of a
    /// key or of the panel itself.
    Optional<String> against(int user, int area, long atMillis) {
        if (user == 0 || users.isEmpty()) {
            return Optional.empty();
        }
        UserRule rule = users.get(user);
        if (rule == null || !rule.areas().contains(area)) {
            return Optional.of("user " + user + " may not work this area");
        }
        return rule.hours()
                .filter(hours -> !hours.holds(atMillis))
                .map(hours -> "the code of user " + user + " is good from " + hours.words());
    }

    /// The account for what is in no area; empty when no area has one.
    Optional<String> firstAccount() {
        return firstAreaWithAccount().map(AreaRule::account);
    }

    /// A user who may work an area; where none may, one whom the panel refuses there; 0 where there are no
    /// users, and any code sets.
    public int userOf(int area) {
        return users.entrySet().stream()
                .filter(user -> user.getValue().areas().contains(area))
                .map(Map.Entry::getKey)
                .findFirst()
                .or(() -> users.keySet().stream().findFirst())
                .orElse(0);
    }

    /// Whether an area can be set at a keypad: any code does where there are no users, else one of them has it.
    public boolean settable(int area) {
        return users.isEmpty()
                || users.values().stream().anyMatch(user -> user.areas().contains(area));
    }

    /// The first area of a sort that is set and unset by itself; empty where none is.
    public Optional<AreaRule> firstArea(Predicate<AreaRule> which) {
        return areas.values().stream()
                .filter(area -> area.follows().isEmpty())
                .filter(which)
                .findFirst();
    }

    /// The first area that reports; empty when none does.
    public Optional<AreaRule> firstAreaWithAccount() {
        return areas.values().stream().filter(area -> !area.account().isEmpty()).findFirst();
    }

    /// The zones of an area, by number.
    List<ZoneRule> zonesOf(int area) {
        return zones.values().stream()
                .filter(zone -> zone.areas().contains(area))
                .toList();
    }
}
