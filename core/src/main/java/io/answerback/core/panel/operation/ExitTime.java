package io.answerback.core.panel.operation;

import io.answerback.core.model.profile.Meaning;
import io.answerback.core.panel.operation.AreaState.ExitDoor;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import io.answerback.core.signal.event.Qualifier;
import java.util.Optional;

/// The end of the exit time, by itself or because the last door was shut.
///
/// @param rules what the panel goes by
/// @param draft the step in the making
record ExitTime(OperationRules rules, OperationDraft draft) {
    private static final long SECOND = 1000;

    /// The exit time is over: the area is set, or somebody has not left.
    void left(int number) {
        AreaState area = draft.area(number);
        if (area.mode() != AreaMode.LEAVING) {
            return;
        }
        draft.stop(Timer.Kind.LAST_DOOR, number);
        draft.put(number, area.in(area.part() ? AreaMode.PART_SET : AreaMode.SET));
        if (rules.options().reportsSetting()) {
            draft.send(rules, number, Qualifier.RESTORE, Setting.closing(area), area.user());
        }
        draft.act(new Act.Shows(rules.areas().get(number).name() + (area.part() ? ": part set" : ": set")));
        draft.start(Timer.Kind.RECENT, number, rules.manners().recentSeconds() * SECOND);
        stillOpen(number, area).ifPresent(zone -> exitFault(number, zone));
    }

    private Optional<ZoneRule> stillOpen(int number, AreaState area) {
        return area.part()
                ? Optional.empty()
                : rules.zonesOf(number).stream()
                        .filter(ZoneRule::delayed)
                        .filter(zone -> !area.leftOut().contains(zone.number()))
                        .filter(zone -> new Watching(rules, draft).mode(zone).watches())
                        .filter(zone -> draft.reads(zone.number()) == Meaning.ALARM)
                        .findFirst();
    }

    private void exitFault(int number, ZoneRule zone) {
        draft.put(number, draft.area(number).entered(zone.number()).faulty());
        draft.act(new Act.Shows("Exit fault: somebody has not left"));
        draft.act(new Act.Beeps("exit fault"));
        new Alarms(rules, draft).sound(Act.Pattern.BURGLARY);
        draft.start(Timer.Kind.ENTRY, number, rules.areas().get(number).entryMillis());
    }

    /// The last door was shut: who set the area is out, unless it is opened again.
    void lastDoor(int area) {
        if (draft.area(area).exitDoor() == ExitDoor.NOT_USED) {
            draft.put(area, draft.area(area).with(ExitDoor.SHUT));
        }
        long millis = rules.manners().lastDoorSeconds() * SECOND;
        if (millis > 0 && draft.left(Timer.Kind.EXIT, area) > millis) {
            draft.start(Timer.Kind.LAST_DOOR, area, millis);
        }
    }

    /// It was opened again: somebody is still on the way out, and the exit time runs on, or begins again once where
    /// that was decided.
    void openedAgain(int number) {
        draft.stop(Timer.Kind.LAST_DOOR, number);
        AreaState area = draft.area(number);
        if (rules.options().exitRestarts() && area.mode() == AreaMode.LEAVING && area.exitDoor() == ExitDoor.SHUT) {
            draft.put(number, area.with(ExitDoor.OPENED_AGAIN));
            draft.act(new Act.Shows("Exit time begins again"));
            draft.start(Timer.Kind.EXIT, number, rules.areas().get(number).exitMillis());
        }
    }

    /// It stayed shut.
    void stayedShut(int area) {
        draft.stop(Timer.Kind.EXIT, area);
        left(area);
    }
}
