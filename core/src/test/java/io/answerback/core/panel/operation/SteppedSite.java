package io.answerback.core.panel.operation;

import io.answerback.core.model.profile.Decision.PartSet;
import io.answerback.core.model.profile.Decision.ResetBy;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.PanelManners;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.panel.operation.OperationRules.AreaRule;
import io.answerback.core.panel.operation.OperationRules.UserRule;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;

/// A small site that is taken from second to second.
abstract class SteppedSite {
    static final int DOOR = 1;
    static final int ROUTE = 2;
    static final int WINDOW = 3;
    static final int OTHER = 4;
    static final int HELP = 5;
    static final int FIRE = 6;
    static final int KEY = 7;

    static OperationRules rules(boolean forced, long reportDelay, boolean restores) {
        return new OperationRules(
                Map.of(1, new AreaRule(1, "Office", "7316", 30_000, 60_000, none(), Optional.empty())),
                Map.of(
                        DOOR, zone(DOOR, ZoneType.ENTRY_EXIT, PartSet.STAYS),
                        ROUTE, zone(ROUTE, ZoneType.ENTRY_ROUTE, PartSet.OUT),
                        WINDOW, zone(WINDOW, ZoneType.IMMEDIATE, PartSet.STAYS),
                        OTHER, zone(OTHER, ZoneType.IMMEDIATE, PartSet.ENTRY),
                        HELP, zone(HELP, ZoneType.HOLD_UP_SILENT, PartSet.STAYS),
                        FIRE, zone(FIRE, ZoneType.FIRE, PartSet.STAYS),
                        KEY, zone(KEY, ZoneType.KEY_SWITCH_HELD, PartSet.STAYS)),
                Map.of(
                        1, new UserRule(Set.of(1), Optional.empty()),
                        2, new UserRule(Set.of(2), Optional.empty())),
                Map.of(),
                new OperationRules.Times(600_000, 1_800_000, reportDelay, 86_400_000, 600_000),
                new OperationRules.Options(2, forced, false, restores, true, true, true, false, false, ResetBy.USER),
                PanelManners.USUAL,
                1);
    }

    static SortedSet<Integer> none() {
        return Collections.emptySortedSet();
    }

    static ZoneRule zone(int number, ZoneType type, PartSet part) {
        return new ZoneRule(
                number, "zone " + number, type, new TreeSet<>(Set.of(1)), type.event(), part, number == WINDOW);
    }

    OperationRules rules = rules(true, 0, true);
    OperationState state = OperationState.fresh(rules);
    final List<Logged> log = new ArrayList<>();

    void at(double seconds, Happening happening) {
        Operation.Step step = new Operation(rules).step(state, happening, Math.round(seconds * 1000));
        state = step.state();
        log.addAll(step.log());
    }

    void with(OperationRules other) {
        rules = other;
        state = OperationState.fresh(rules);
    }

    void set(double seconds) {
        at(seconds, new Happening.SetAsked(1, HowSet.CODE, 1, false, false));
    }

    void unset(double seconds) {
        at(seconds, new Happening.UnsetAsked(1, HowSet.CODE, 1, false));
    }

    void opens(double seconds, int zone) {
        at(seconds, new Happening.ZoneReads(zone, Optional.of(Meaning.ALARM)));
    }

    void shuts(double seconds, int zone) {
        at(seconds, new Happening.ZoneReads(zone, Optional.of(Meaning.NORMAL)));
    }

    void waits(double seconds) {
        at(seconds, new Happening.TimePasses());
    }

    /// The signals so far, such as "3 401 1".
    List<String> sent() {
        return log.stream()
                .flatMap(line -> line.signal().stream())
                .map(signal -> signal.qualifier().digit() + " " + signal.event() + " " + signal.zone())
                .toList();
    }

    AreaMode mode() {
        return state.area(1).mode();
    }
}
