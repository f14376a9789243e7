package io.answerback.core.panel.operation;

import io.answerback.core.model.profile.Decision.OutputUse;
import io.answerback.core.model.profile.Decision.PartSet;
import io.answerback.core.model.profile.Decision.ResetBy;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.PanelManners;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.panel.operation.OperationRules.AreaRule;
import io.answerback.core.panel.operation.OperationRules.UserRule;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;

/// Two firms and the hall they share, to try a panel on. Times are of one day, as hours, minutes and seconds.
abstract class SharedHall {
    static final int NORTH = 1;
    static final int SOUTH = 2;
    static final int HALL = 3;
    static final int HALL_DOOR = 1;
    static final int NORTH_WINDOW = 2;
    static final int SOUTH_WINDOW = 3;
    static final int CORRIDOR = 4;
    static final int FIRE = 5;
    static final int OWNER = 1;
    static final int SOUTH_USER = 2;
    static final int CLEANER = 3;

    private static SortedSet<Integer> in(Integer... areas) {
        return new TreeSet<>(Set.of(areas));
    }

    private static ZoneRule zone(int number, ZoneType type, Integer... areas) {
        return new ZoneRule(number, "zone " + number, type, in(areas), type.event(), PartSet.STAYS, false);
    }

    static OperationRules rules(PanelManners manners) {
        UserRule.Hours evening = new UserRule.Hours(64_800_000, 79_200_000, "18:00 to 22:00");
        return new OperationRules(
                Map.of(
                        NORTH, new AreaRule(NORTH, "North", "7316", 30_000, 60_000, in(), Optional.of(79_200_000L)),
                        SOUTH, new AreaRule(SOUTH, "South", "7317", 30_000, 60_000, in(), Optional.empty()),
                        HALL, new AreaRule(HALL, "Hall", "7318", 30_000, 60_000, in(NORTH, SOUTH), Optional.empty())),
                Map.of(
                        HALL_DOOR, zone(HALL_DOOR, ZoneType.ENTRY_EXIT, HALL),
                        NORTH_WINDOW, zone(NORTH_WINDOW, ZoneType.IMMEDIATE, NORTH),
                        SOUTH_WINDOW, zone(SOUTH_WINDOW, ZoneType.IMMEDIATE, SOUTH),
                        CORRIDOR, zone(CORRIDOR, ZoneType.IMMEDIATE, NORTH, SOUTH),
                        FIRE, zone(FIRE, ZoneType.FIRE, NORTH)),
                Map.of(
                        OWNER, new UserRule(Set.of(NORTH, SOUTH, HALL), Optional.empty()),
                        SOUTH_USER, new UserRule(Set.of(SOUTH), Optional.empty()),
                        CLEANER, new UserRule(Set.of(NORTH), Optional.of(evening))),
                Map.of(1, OutputUse.ALARM, 2, OutputUse.SET, 3, OutputUse.TROUBLE),
                new OperationRules.Times(600_000, 1_800_000, 0, 0, 600_000),
                new OperationRules.Options(3, false, false, true, true, true, true, false, false, ResetBy.USER),
                manners,
                1);
    }

    OperationRules rules = rules(PanelManners.USUAL);
    OperationState state = OperationState.fresh(rules);
    final List<Logged> log = new ArrayList<>();

    final void with(PanelManners manners) {
        rules = rules(manners);
        state = OperationState.fresh(rules);
    }

    final void at(String time, Happening happening) {
        Operation.Step step = new Operation(rules).step(state, happening, CaseWords.millis(time));
        state = step.state();
        log.addAll(step.log());
    }

    final void set(String time, int area, int user) {
        at(time, new Happening.SetAsked(area, HowSet.CODE, user, false, false));
    }

    final void unset(String time, int area, int user) {
        at(time, new Happening.UnsetAsked(area, HowSet.CODE, user, false));
    }

    final void opens(String time, int zone) {
        at(time, new Happening.ZoneReads(zone, Optional.of(Meaning.ALARM)));
    }

    final void closes(String time, int zone) {
        at(time, new Happening.ZoneReads(zone, Optional.of(Meaning.NORMAL)));
    }

    final void waits(String until) {
        at(until, new Happening.TimePasses());
    }

    final AreaMode mode(int area) {
        return state.area(area).mode();
    }

    final List<String> sent() {
        return log.stream()
                .flatMap(line -> line.signal().stream())
                .map(signal ->
                        signal.qualifier().digit() + " " + signal.event() + " " + signal.area() + " " + signal.zone())
                .toList();
    }

    final List<String> shown() {
        return log.stream()
                .filter(line -> line.act().shown().isPresent())
                .map(Logged::words)
                .toList();
    }

    final void bothSet() {
        set("18:00:00", NORTH, OWNER);
        set("18:00:10", SOUTH, OWNER);
        waits("18:05:00");
    }
}
