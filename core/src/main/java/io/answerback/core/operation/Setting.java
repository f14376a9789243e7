package io.answerback.core.operation;

import io.answerback.core.event.Qualifier;
import io.answerback.core.operation.OperationRules.ZoneRule;
import io.answerback.core.profile.Meaning;
import java.util.Collections;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;

/// Setting and unsetting an area: what refuses it, the exit time, and what is reported of it.
///
/// @param rules what the panel goes by
/// @param draft the step in the making
record Setting(OperationRules rules, OperationDraft draft) {
    private static final String PART_SET = "441";
    private static final String FAILED_TO_SET = "454";
    private static final String LEFT_OUT = "570";
    private static final String DURESS = "121";
    private static final String CANCELLED = "406";
    private static final String WRONG_CODES = "461";

    void set(Happening.SetAsked asked) {
        AreaState area = draft.area(asked.area());
        if (area == null || !area.mode().unset()) {
            return;
        }
        if (asked.how() == HowSet.CODE && draft.runs(Timer.Kind.LOCK, 0)) {
            draft.act(new Act.Nothing("keypads are locked after wrong codes"));
            return;
        }
        if (asked.how() == HowSet.QUICK && !rules.quickSet()) {
            refuse(asked, "setting without a code is not allowed");
            return;
        }
        if (asked.how() != HowSet.KEY && !rules.mayWork(asked.user(), asked.area())) {
            refuse(asked, "user " + asked.user() + " may not work this area");
            return;
        }
        SortedSet<Integer> hinders = hinders(asked);
        boolean faults = draft.health().faulty();
        boolean forced = asked.force() && rules.forcedSet();
        if ((!hinders.isEmpty() || faults) && !forced) {
            refuse(asked, hinders.isEmpty() ? "a fault stands" : "open: " + names(hinders));
            return;
        }
        for (int zone : hinders) {
            draft.send(rules, asked.area(), Qualifier.NEW, LEFT_OUT, zone);
        }
        draft.put(
                asked.area(),
                AreaState.leaving(asked.how(), asked.user(), asked.part(), Collections.unmodifiableSortedSet(hinders)));
        rules.zonesOf(asked.area()).forEach(zone -> draft.forgetCount(zone.number()));
        if (asked.how().leaves()) {
            if (rules.exitBeeps()) {
                draft.act(new Act.Beeps("exit"));
            }
            draft.start(
                    Timer.Kind.EXIT,
                    asked.area(),
                    rules.areas().get(asked.area()).exitMillis());
        } else {
            left(asked.area());
        }
    }

    private SortedSet<Integer> hinders(Happening.SetAsked asked) {
        return rules.zonesOf(asked.area()).stream()
                .filter(zone -> zone.hinders(asked.part()))
                .filter(zone -> {
                    Meaning reads = draft.reads(zone.number());
                    boolean open = reads == Meaning.ALARM
                            && zone.delayed()
                            && asked.how().leaves();
                    return reads != Meaning.NORMAL && !open;
                })
                .map(ZoneRule::number)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private String names(SortedSet<Integer> zones) {
        List<String> names =
                zones.stream().map(zone -> rules.zones().get(zone).name()).toList();
        return String.join(", ", names);
    }

    /// Whoever stands at the keypad sees it; who is elsewhere is told by a report.
    private void refuse(Happening.SetAsked asked, String why) {
        draft.act(new Act.Shows("Not set, " + why));
        draft.act(new Act.Beeps("refused"));
        if (asked.how() != HowSet.CODE && asked.how() != HowSet.QUICK) {
            draft.send(rules, asked.area(), Qualifier.NEW, FAILED_TO_SET, asked.user());
        }
    }

    /// The exit time is over: the area is set, or somebody has not left.
    void left(int number) {
        AreaState area = draft.area(number);
        if (area.mode() != AreaMode.LEAVING) {
            return;
        }
        draft.put(number, area.in(area.part() ? AreaMode.PART_SET : AreaMode.SET));
        if (rules.reportsSetting()) {
            draft.send(
                    rules,
                    number,
                    Qualifier.RESTORE,
                    area.part() ? PART_SET : area.how().event(),
                    area.user());
        }
        draft.act(new Act.Shows(rules.areas().get(number).name() + (area.part() ? ": part set" : ": set")));
        draft.start(Timer.Kind.RECENT, number, rules.manners().recentMillis());
        boolean stillOpen = !area.part()
                && rules.zonesOf(number).stream()
                        .filter(ZoneRule::delayed)
                        .filter(zone -> !area.leftOut().contains(zone.number()))
                        .anyMatch(zone -> draft.reads(zone.number()) == Meaning.ALARM);
        if (stillOpen) {
            draft.put(number, draft.area(number).faulty());
            draft.act(new Act.Shows("Exit fault: somebody has not left"));
            draft.act(new Act.Beeps("exit fault"));
            draft.start(Timer.Kind.ENTRY, number, rules.areas().get(number).entryMillis());
        }
    }

    void unset(Happening.UnsetAsked asked) {
        AreaState area = draft.area(asked.area());
        if (area == null) {
            return;
        }
        if (asked.how() == HowSet.CODE && draft.runs(Timer.Kind.LOCK, 0)) {
            draft.act(new Act.Nothing("keypads are locked after wrong codes"));
            return;
        }
        if (asked.how() != HowSet.KEY && !rules.mayWork(asked.user(), asked.area())) {
            draft.act(new Act.Shows("User " + asked.user() + " may not work this area"));
            return;
        }
        draft.wrongCodes(0);
        if (asked.threat()) {
            draft.send(rules, asked.area(), Qualifier.NEW, DURESS, asked.user());
        }
        if (area.mode().unset()) {
            return;
        }
        boolean wasSet = area.mode() != AreaMode.LEAVING;
        stopTimers(asked.area());
        boolean taken = takeBack(area);
        draft.put(asked.area(), area.unset());
        rules.zonesOf(asked.area()).forEach(zone -> draft.forgetCount(zone.number()));
        if (draft.sounding() != Act.Pattern.FIRE && !othersInAlarm(asked.area())) {
            draft.sound(Act.Pattern.SILENCE);
            draft.stop(Timer.Kind.SOUNDER, 0);
        }
        if (wasSet && rules.reportsSetting()) {
            draft.send(rules, asked.area(), Qualifier.NEW, asked.how().event(), asked.user());
        }
        if (draft.stop(Timer.Kind.CANCEL, asked.area()) && !taken) {
            draft.send(rules, asked.area(), Qualifier.NEW, CANCELLED, asked.user());
        }
        draft.act(new Act.Shows(rules.areas().get(asked.area()).name()
                + (area.alarmed().isEmpty() ? ": unset" : ": unset after an alarm")));
    }

    private void stopTimers(int area) {
        for (Timer.Kind kind : List.of(Timer.Kind.EXIT, Timer.Kind.ENTRY, Timer.Kind.CONFIRMATION, Timer.Kind.RECENT)) {
            draft.stop(kind, area);
        }
    }

    /// Reports that still wait are never sent.
    ///
    /// @return whether any waited
    private boolean takeBack(AreaState area) {
        boolean any = false;
        for (int zone : area.alarmed()) {
            any |= draft.stop(Timer.Kind.REPORT, zone);
        }
        return any;
    }

    private boolean othersInAlarm(int but) {
        return draft.areas().entrySet().stream()
                .anyMatch(area -> area.getKey() != but && area.getValue().mode() == AreaMode.IN_ALARM);
    }

    void wrongCode() {
        int wrong = draft.wrongCodes() + 1;
        draft.wrongCodes(wrong);
        draft.act(new Act.Beeps("refused"));
        if (wrong == rules.manners().wrongCodes()) {
            draft.act(new Act.Shows("Keypads are locked"));
            draft.start(Timer.Kind.LOCK, 0, rules.manners().lockMillis());
            draft.send(rules, 0, Qualifier.NEW, WRONG_CODES, 0);
        }
    }

    /// It comes back as it was, or unset, as was decided.
    void powerBack() {
        draft.act(new Act.Shows("Power is back"));
        if (!rules.restoresSet()) {
            for (int area : List.copyOf(draft.areas().keySet())) {
                stopTimers(area);
                draft.put(area, AreaState.UNSET);
            }
        }
    }
}
