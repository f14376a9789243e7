package io.answerback.core.operation;

import io.answerback.core.common.Text;
import io.answerback.core.profile.Decision;
import io.answerback.core.profile.Decision.PartSet;
import io.answerback.core.profile.SettingValue;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.setup.Intent;
import io.answerback.core.site.Area;
import io.answerback.core.site.PanelProgramming;
import io.answerback.core.site.Parts;
import io.answerback.core.site.Zone;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/// Everything a panel goes by, read once from the decisions of a job.
///
/// @param areas each area, by number
/// @param zones each zone that is on and in an area, by number
/// @param users who may work which areas, by number; a user who is in no list may work all
/// @param sounderMillis how long sounders sound
/// @param confirmationMillis within which time a second zone confirms; 0 where none is asked for
/// @param reportDelayMillis how long a burglary waits before it is sent
/// @param testMillis how often a test is sent; 0 for never
/// @param mostAlarms how often a zone may alarm before it is left out
/// @param forcedSet whether the site can be set with something open
/// @param quickSet whether it can be set without a code
/// @param restoresSet whether it comes back set after a power cut, as it was
/// @param exitBeeps whether keypads beep while the exit time runs
/// @param reportsSetting whether setting and unsetting are reported
/// @param reportsTroubles whether troubles are reported
/// @param manners what the panel does of itself
public record OperationRules(
        Map<Integer, AreaRule> areas,
        Map<Integer, ZoneRule> zones,
        Map<Integer, Set<Integer>> users,
        long sounderMillis,
        long confirmationMillis,
        long reportDelayMillis,
        long testMillis,
        int mostAlarms,
        boolean forcedSet,
        boolean quickSet,
        boolean restoresSet,
        boolean exitBeeps,
        boolean reportsSetting,
        boolean reportsTroubles,
        Manners manners) {
    private static final long SECOND = 1000;
    private static final long MINUTE = 60 * SECOND;
    private static final long HOUR = 60 * MINUTE;

    /// An area.
    ///
    /// @param account what it reports under; empty where it reports nothing
    public record AreaRule(int number, String name, String account, long entryMillis, long exitMillis) {}

    /// A zone.
    ///
    /// @param event what it sends; empty for nothing
    public record ZoneRule(
            int number, String name, ZoneType type, int area, String event, PartSet part, boolean chime) {
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

    /// What a panel does of itself, which its manual says.
    ///
    /// @param lastDoorMillis how long after the last door is shut the exit time ends; 0 where it runs to its end
    /// @param mainsMillis how long a mains failure waits before it is sent
    /// @param cancelMillis for how long an alarm can be cancelled
    /// @param recentMillis for how long after setting an alarm is sent with it
    /// @param wrongCodes after how many wrong codes keypads are locked
    /// @param lockMillis for how long
    /// @param spreadMillis how long after its hour the periodic test is sent, so that not all sites send at once
    public record Manners(
            long lastDoorMillis,
            long mainsMillis,
            long cancelMillis,
            long recentMillis,
            int wrongCodes,
            long lockMillis,
            long spreadMillis) {
        /// Working values: 7 s, 15 min, 5 min and 2 min (ANSI/SIA CP-01 for the last two), 5 codes, 90 s, 11 min.
        public static final Manners USUAL =
                new Manners(7 * SECOND, 15 * MINUTE, 5 * MINUTE, 2 * MINUTE, 5, 90 * SECOND, 11 * MINUTE);
    }

    public OperationRules {
        areas = Collections.unmodifiableMap(new TreeMap<>(areas));
        zones = Collections.unmodifiableMap(new TreeMap<>(zones));
        users = Collections.unmodifiableMap(new TreeMap<>(users));
    }

    /// The rules of a job.
    public static OperationRules of(Parts job, Manners manners) {
        Intent intent = new Intent(job);
        Map<Integer, AreaRule> areas = new TreeMap<>();
        for (Area area : job.areas()) {
            areas.put(
                    area.number(),
                    new AreaRule(
                            area.number(),
                            area.name(),
                            area.account(),
                            millis(intent, Decision.ENTRY_TIME, area.number(), SECOND),
                            millis(intent, Decision.EXIT_TIME, area.number(), SECOND)));
        }
        Map<Integer, ZoneRule> zones = new TreeMap<>();
        for (Zone zone : job.zones()) {
            zone.area()
                    .filter(areas::containsKey)
                    .filter(area -> zone.type() != ZoneType.NOT_USED)
                    .ifPresent(area -> zones.put(zone.number(), zone(intent, zone, area)));
        }
        Map<Integer, Set<Integer>> users = new HashMap<>();
        for (PanelProgramming.User user : job.setup().users()) {
            users.put(user.number(), user.areas().isEmpty() ? areas.keySet() : Set.copyOf(user.areas()));
        }
        return new OperationRules(
                areas,
                zones,
                users,
                millis(intent, Decision.SOUNDER_TIME, 0, MINUTE),
                millis(intent, Decision.CONFIRMATION_TIME, 0, MINUTE),
                millis(intent, Decision.REPORT_DELAY, 0, SECOND),
                millis(intent, Decision.TEST_INTERVAL, 0, HOUR),
                (int) amount(intent, Decision.MOST_ALARMS, 0),
                on(intent, Decision.FORCED_SET),
                on(intent, Decision.QUICK_SET),
                on(intent, Decision.RESTORE_SET),
                on(intent, Decision.EXIT_BEEPS),
                on(intent, Decision.REPORT_SETTING),
                on(intent, Decision.REPORT_TROUBLES),
                manners);
    }

    private static ZoneRule zone(Intent intent, Zone zone, int area) {
        return new ZoneRule(
                zone.number(),
                intent.point(zone.number()).map(point -> point.name()).orElse(Text.of("Zone %02d", zone.number())),
                zone.type(),
                area,
                zone.event(),
                intent.partSetOf(zone.number()),
                intent.of(Decision.ZONE_CHIME, zone.number())
                        .filter(new SettingValue.Switch(true)::equals)
                        .isPresent());
    }

    private static double amount(Intent intent, Decision decision, int number) {
        return intent.of(decision, number)
                .filter(SettingValue.Amount.class::isInstance)
                .map(value -> ((SettingValue.Amount) value).value())
                .orElse(0.0);
    }

    private static long millis(Intent intent, Decision decision, int number, long unit) {
        return Math.round(amount(intent, decision, number) * unit);
    }

    private static boolean on(Intent intent, Decision decision) {
        return intent.of(decision, 0)
                .filter(new SettingValue.Switch(true)::equals)
                .isPresent();
    }

    /// The same with other behaviours of some zones, each with the event of its behaviour.
    public OperationRules with(Map<Integer, ZoneType> types) {
        Map<Integer, ZoneRule> other = new TreeMap<>(zones);
        types.forEach((number, type) -> other.computeIfPresent(
                number,
                (same, zone) ->
                        new ZoneRule(number, zone.name(), type, zone.area(), type.event(), zone.part(), zone.chime())));
        return new OperationRules(
                areas,
                other,
                users,
                sounderMillis,
                confirmationMillis,
                reportDelayMillis,
                testMillis,
                mostAlarms,
                forcedSet,
                quickSet,
                restoresSet,
                exitBeeps,
                reportsSetting,
                reportsTroubles,
                manners);
    }

    /// Whether a user may work an area. Nobody's number, 0, is that of a key or of the panel itself.
    boolean mayWork(int user, int area) {
        return user == 0
                || Optional.ofNullable(users.get(user))
                        .map(its -> its.contains(area))
                        .orElse(users.isEmpty());
    }

    /// The account for what is in no area; empty when no area has one.
    Optional<String> firstAccount() {
        return areas.values().stream()
                .sorted((one, other) -> Integer.compare(one.number(), other.number()))
                .map(AreaRule::account)
                .filter(account -> !account.isEmpty())
                .findFirst();
    }

    /// The zones of an area, by number.
    List<ZoneRule> zonesOf(int area) {
        return zones.values().stream()
                .filter(zone -> zone.area() == area)
                .sorted((one, other) -> Integer.compare(one.number(), other.number()))
                .toList();
    }
}
