package io.answerback.core.panel.operation;

import io.answerback.core.model.profile.Meaning;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import io.answerback.core.signal.event.Qualifier;
import java.util.List;
import java.util.Optional;

/// Unsetting an area: who may, what ends with it, and what is reported of it.
///
/// @param rules what the panel goes by
/// @param draft the step in the making
record Unsetting(OperationRules rules, OperationDraft draft) {
    private static final String DURESS = "121";
    private static final String CANCELLED = "406";
    private static final String LEFT_OUT = "570";
    private static final String RESTARTED = "305";
    private static final List<Timer.Kind> ENDS = List.of(
            Timer.Kind.EXIT, Timer.Kind.LAST_DOOR, Timer.Kind.ENTRY, Timer.Kind.CONFIRMATION, Timer.Kind.RECENT);

    void unset(Happening.UnsetAsked asked) {
        AreaState area = draft.area(asked.area());
        if (area == null) {
            return;
        }
        if (asked.how() == HowSet.CODE && draft.runs(Timer.Kind.LOCK, 0)) {
            draft.act(new Act.Nothing("keypads are locked after wrong codes"));
            return;
        }
        Optional<String> against = asked.how() == HowSet.KEY
                ? Optional.empty()
                : rules.against(asked.user(), asked.area(), draft.byItsClock());
        if (against.isPresent()) {
            draft.act(new Act.Refused(Act.Asked.UNSET, against.get()));
            return;
        }
        draft.wrongCodes(0);
        if (asked.threat()) {
            draft.send(rules, asked.area(), Qualifier.NEW, DURESS, asked.user());
        }
        if (area.mode().unset()) {
            new TimedEvents(rules, draft).postponed(asked.area());
            return;
        }
        unset(asked.area(), asked.how(), asked.user());
    }

    /// Unsets an area that is not unset.
    void unset(int number, HowSet how, int user) {
        AreaState area = draft.area(number);
        boolean wasSet = area.mode() != AreaMode.LEAVING;
        stopTimers(number);
        boolean taken = takeBack(area);
        draft.put(number, area.unset());
        for (ZoneRule zone : rules.zonesOf(number)) {
            draft.forgetCount(zone.number());
            watchAgain(zone, area);
            leaveOthers(zone, number);
        }
        if (draft.sounding() != Act.Pattern.FIRE && !othersSound(number)) {
            draft.sound(Act.Pattern.SILENCE);
            draft.stop(Timer.Kind.SOUNDER, 0);
            new Alarms(rules, draft).restoresWaiting();
        }
        if (wasSet && rules.options().reportsSetting()) {
            draft.send(rules, number, Qualifier.NEW, how.event(), user);
        }
        if (wasSet) {
            area.leftOut().forEach(zone -> draft.send(rules, number, Qualifier.RESTORE, LEFT_OUT, zone));
        }
        if (draft.stop(Timer.Kind.CANCEL, number) && !taken) {
            draft.send(rules, number, Qualifier.NEW, CANCELLED, user);
        }
        draft.act(new Act.Shows(
                rules.areas().get(number).name() + (area.alarmed().isEmpty() ? ": unset" : ": unset after an alarm")));
    }

    /// What was left out by hand is watched again from now on, once its area was set without it.
    private void watchAgain(ZoneRule zone, AreaState was) {
        if (was.leftOut().contains(zone.number()) && draft.byHand().containsKey(zone.number())) {
            draft.byHand(zone.number(), 0);
            draft.act(new Act.Shows(zone.name() + ": watched again"));
        }
    }

    /// A door that is no longer watched lets nobody into another area either.
    private void leaveOthers(ZoneRule zone, int but) {
        for (int other : zone.areas()) {
            AreaState state = draft.area(other);
            if (other != but && state.mode() == AreaMode.ENTERING && state.entryZone() == zone.number()) {
                draft.stop(Timer.Kind.ENTRY, other);
                draft.put(other, state.in(state.part() ? AreaMode.PART_SET : AreaMode.SET));
            }
        }
    }

    private void stopTimers(int area) {
        ENDS.forEach(kind -> draft.stop(kind, area));
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

    private boolean othersSound(int but) {
        return draft.areas().entrySet().stream()
                .filter(area -> area.getKey() != but)
                .map(area -> area.getValue())
                .anyMatch(area -> area.mode() == AreaMode.IN_ALARM || area.exitFault());
    }

    /// All power is back: areas stand as they stood, or are unset, as was decided. A panel that was dead reads its
    /// inputs anew.
    void powerBack() {
        draft.act(new Act.Shows("Power is back"));
        if (rules.options().reportsTroubles()) {
            draft.send(rules, 0, Qualifier.NEW, RESTARTED, 0);
        }
        if (!rules.options().restoresSet()) {
            for (int area : List.copyOf(draft.areas().keySet())) {
                stopTimers(area);
                draft.put(area, AreaState.UNSET);
            }
        }
        if (draft.service().dead()) {
            draft.service(new OperationState.Service(false, draft.service().walked(), false));
            new TimedEvents(rules, draft).wind();
            List.copyOf(draft.areas().keySet()).forEach(this::standsAgain);
            List.copyOf(draft.notNormal()).forEach(this::readAnew);
        }
    }

    /// An exit time that was cut short is over; an entry time begins again with its door.
    private void standsAgain(int number) {
        AreaState area = draft.area(number);
        if (area.mode() == AreaMode.LEAVING) {
            new ExitTime(rules, draft).left(number);
        } else if (area.mode() == AreaMode.ENTERING) {
            draft.put(number, area.in(area.part() ? AreaMode.PART_SET : AreaMode.SET));
        }
    }

    private void readAnew(int zone) {
        Meaning is = draft.reads(zone);
        draft.read(zone, Meaning.NORMAL);
        new Watching(rules, draft).reads(zone, Optional.of(is));
    }
}
