package io.answerback.core.panel.operation;

import io.answerback.core.model.profile.Meaning;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import io.answerback.core.signal.event.Qualifier;
import java.util.Collections;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;

/// Setting an area: what refuses it, the exit time, and what is reported of it.
///
/// @param rules what the panel goes by
/// @param draft the step in the making
record Setting(OperationRules rules, OperationDraft draft) {
    private static final String PART_SET = "441";
    private static final String FAILED_TO_SET = "454";
    private static final String LEFT_OUT = "570";

    void set(Happening.SetAsked asked) {
        AreaState area = draft.area(asked.area());
        if (area == null || !area.mode().unset()) {
            return;
        }
        if (asked.how() == HowSet.CODE && draft.runs(Timer.Kind.LOCK, 0)) {
            draft.act(new Act.Nothing("keypads are locked after wrong codes"));
            return;
        }
        Optional<String> against = against(asked);
        if (against.isPresent()) {
            refuse(asked, against.get());
            return;
        }
        SortedSet<Integer> hinders = hinders(asked);
        boolean faults = draft.health().faulty();
        boolean forced = asked.force() && rules.options().forcedSet();
        if ((!hinders.isEmpty() || faults) && !forced) {
            refuse(asked, hinders.isEmpty() ? "a fault stands" : "open: " + names(hinders));
            return;
        }
        begin(asked, hinders);
    }

    /// What speaks against it before anybody looks at the zones.
    private Optional<String> against(Happening.SetAsked asked) {
        if (draft.service().programming()) {
            return Optional.of("programming is open");
        }
        if (draft.service().walked().contains(asked.area())) {
            return Optional.of("a walk test is under way");
        }
        if (!rules.areas().get(asked.area()).follows().isEmpty()) {
            return Optional.of("this area follows others");
        }
        if (asked.how() == HowSet.QUICK && !rules.options().quickSet()) {
            return Optional.of("setting without a code is not allowed");
        }
        if (draft.area(asked.area()).resetDue()) {
            return Optional.of(unreset());
        }
        return asked.how() == HowSet.KEY
                ? Optional.empty()
                : rules.against(asked.user(), asked.area(), draft.byItsClock());
    }

    private String unreset() {
        return "a confirmed alarm has to be reset by "
                + rules.options().resetBy().words();
    }

    private void begin(Happening.SetAsked asked, SortedSet<Integer> hinders) {
        SortedSet<Integer> out = new TreeSet<>(hinders);
        rules.zonesOf(asked.area()).stream()
                .map(ZoneRule::number)
                .filter(draft.byHand()::containsKey)
                .forEach(out::add);
        for (int zone : out) {
            draft.send(rules, asked.area(), Qualifier.NEW, LEFT_OUT, zone);
        }
        draft.put(
                asked.area(),
                AreaState.leaving(asked.how(), asked.user(), asked.part(), Collections.unmodifiableSortedSet(out)));
        rules.zonesOf(asked.area()).forEach(zone -> draft.forgetCount(zone.number()));
        draft.stop(Timer.Kind.SETS_ITSELF, asked.area());
        if (asked.how().leaves()) {
            if (rules.options().exitBeeps()) {
                draft.act(new Act.Beeps("exit"));
            }
            draft.start(
                    Timer.Kind.EXIT,
                    asked.area(),
                    rules.areas().get(asked.area()).exitMillis());
        } else {
            new ExitTime(rules, draft).left(asked.area());
        }
    }

    /// Sets an area that follows others, at the moment at which the last of them is set.
    void follow(int number, AreaState last) {
        Happening.SetAsked asked = new Happening.SetAsked(number, HowSet.TIMER, last.user(), false, false);
        SortedSet<Integer> hinders = hinders(asked);
        if (draft.area(number).resetDue()) {
            refuse(asked, unreset());
        } else if (hinders.isEmpty() && !draft.health().faulty()) {
            draft.put(number, AreaState.leaving(last.how(), last.user(), false, Collections.emptySortedSet()));
            new ExitTime(rules, draft).left(number);
        } else {
            refuse(asked, hinders.isEmpty() ? "a fault stands" : "open: " + names(hinders));
        }
    }

    /// A door on the way out may be open while somebody has to leave; a zone of several areas hinders only the last
    /// of them.
    private SortedSet<Integer> hinders(Happening.SetAsked asked) {
        return rules.zonesOf(asked.area()).stream()
                .filter(zone -> zone.hinders(asked.part()))
                .filter(zone -> !draft.byHand().containsKey(zone.number()))
                .filter(zone -> zone.areas().stream()
                        .allMatch(area ->
                                area == asked.area() || draft.area(area).mode().watches()))
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
        return String.join(
                ", ", zones.stream().map(zone -> rules.zones().get(zone).name()).toList());
    }

    /// Whoever stands at the keypad sees it; who is elsewhere is told by a report.
    private void refuse(Happening.SetAsked asked, String why) {
        draft.act(new Act.Refused(Act.Asked.SET, why));
        draft.act(new Act.Beeps("refused"));
        if (asked.how() != HowSet.CODE && asked.how() != HowSet.QUICK) {
            draft.send(rules, asked.area(), Qualifier.NEW, FAILED_TO_SET, asked.user());
        }
    }

    /// What closing an area reports.
    static String closing(AreaState area) {
        return area.part() ? PART_SET : area.how().event();
    }
}
