package io.answerback.core.panel.operation;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.DayTimes;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.Decision.OutputUse;
import io.answerback.core.model.profile.Decision.ResetBy;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Zone;
import io.answerback.core.panel.operation.OperationRules.AreaRule;
import io.answerback.core.panel.operation.OperationRules.UserRule;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import io.answerback.core.setup.Intent;
import io.answerback.core.setup.SettingNumbers;
import java.util.Collections;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;

/// Reads from a job what its panel goes by.
final class RulesOfJob {
    private static final long SECOND = 1000;
    private static final long MINUTE = 60 * SECOND;
    private static final long HOUR = 60 * MINUTE;

    private final Parts job;
    private final Intent intent;
    private final Map<Integer, AreaRule> areas = new TreeMap<>();

    RulesOfJob(Parts job) {
        this.job = job;
        this.intent = new Intent(job);
        job.areas().forEach(area -> areas.put(area.number(), area(area)));
    }

    OperationRules made() {
        return new OperationRules(
                areas,
                zones(),
                users(),
                outputs(),
                times(),
                options(),
                job.panel().profile().itsManners(),
                Math.max(1, job.communicator().paths().size()));
    }

    private AreaRule area(Area area) {
        SortedSet<Integer> follows = numbers(Decision.AREA_FOLLOWS, area.number());
        follows.removeIf(other -> other == area.number() || job.area(other).isEmpty());
        return new AreaRule(
                area.number(),
                area.name(),
                area.account(),
                millis(Decision.ENTRY_TIME, area.number(), SECOND),
                millis(Decision.EXIT_TIME, area.number(), SECOND),
                Collections.unmodifiableSortedSet(follows),
                words(Decision.AREA_SETS_AT, area.number()).map(DayTimes::millis));
    }

    private Map<Integer, ZoneRule> zones() {
        Map<Integer, ZoneRule> zones = new TreeMap<>();
        for (Zone zone : job.zones()) {
            zone.area()
                    .filter(areas::containsKey)
                    .filter(area -> zone.type() != ZoneType.NOT_USED)
                    .ifPresent(area -> zones.put(zone.number(), zone(zone, area)));
        }
        return zones;
    }

    private ZoneRule zone(Zone zone, int area) {
        SortedSet<Integer> in = numbers(Decision.ZONE_SHARED, zone.number());
        in.retainAll(areas.keySet());
        in.add(area);
        return new ZoneRule(
                zone.number(),
                intent.point(zone.number()).map(point -> point.name()).orElse(Text.of("Zone %02d", zone.number())),
                zone.type(),
                Collections.unmodifiableSortedSet(in),
                zone.event(),
                intent.partSetOf(zone.number()),
                on(Decision.ZONE_CHIME, zone.number()),
                on(Decision.ZONE_DOUBLE_KNOCK, zone.number()));
    }

    private Map<Integer, UserRule> users() {
        Map<Integer, UserRule> users = new HashMap<>();
        for (PanelProgramming.User user : job.setup().users()) {
            Set<Integer> may = user.areas().isEmpty() ? Set.copyOf(areas.keySet()) : Set.copyOf(user.areas());
            users.put(user.number(), new UserRule(may, hours(user.number())));
        }
        return users;
    }

    private Optional<UserRule.Hours> hours(int user) {
        return words(Decision.USER_HOURS, user)
                .map(span -> new UserRule.Hours(DayTimes.from(span), DayTimes.until(span), span.replace("-", " to ")));
    }

    private Map<Integer, OutputUse> outputs() {
        Map<Integer, OutputUse> outputs = new TreeMap<>();
        for (int output = 1; output <= SettingNumbers.outputs(job).size(); output++) {
            int number = output;
            intent.of(Decision.OUTPUT_USE, output)
                    .map(value -> OutputUse.valueOf(value.text()))
                    .filter(use -> use != OutputUse.NOTHING && use != OutputUse.RESET)
                    .ifPresent(use -> outputs.put(number, use));
        }
        return outputs;
    }

    private OperationRules.Times times() {
        return new OperationRules.Times(
                millis(Decision.SOUNDER_TIME, 0, MINUTE),
                millis(Decision.CONFIRMATION_TIME, 0, MINUTE),
                millis(Decision.REPORT_DELAY, 0, SECOND),
                millis(Decision.TEST_INTERVAL, 0, HOUR),
                millis(Decision.SETS_WARNING, 0, MINUTE));
    }

    private OperationRules.Options options() {
        return new OperationRules.Options(
                (int) amount(Decision.MOST_ALARMS, 0),
                on(Decision.FORCED_SET, 0),
                on(Decision.QUICK_SET, 0),
                on(Decision.RESTORE_SET, 0),
                on(Decision.EXIT_BEEPS, 0),
                on(Decision.REPORT_SETTING, 0),
                on(Decision.REPORT_TROUBLES, 0),
                on(Decision.EXIT_RESTART, 0),
                on(Decision.FIRE_VERIFICATION, 0),
                intent.of(Decision.ALARM_RESET, 0)
                        .map(value -> ResetBy.valueOf(value.text()))
                        .orElse(ResetBy.USER));
    }

    private double amount(Decision decision, int number) {
        return intent.of(decision, number)
                .filter(SettingValue.Amount.class::isInstance)
                .map(value -> ((SettingValue.Amount) value).value())
                .orElse(0.0);
    }

    private long millis(Decision decision, int number, long unit) {
        return Math.round(amount(decision, number) * unit);
    }

    private boolean on(Decision decision, int number) {
        return intent.of(decision, number)
                .filter(new SettingValue.Switch(true)::equals)
                .isPresent();
    }

    private SortedSet<Integer> numbers(Decision decision, int number) {
        return intent.of(decision, number)
                .filter(SettingValue.Numbers.class::isInstance)
                .map(value -> new TreeSet<>(((SettingValue.Numbers) value).numbers()))
                .orElseGet(TreeSet::new);
    }

    private Optional<String> words(Decision decision, int number) {
        return intent.of(decision, number).map(SettingValue::text).filter(text -> !text.isEmpty());
    }
}
