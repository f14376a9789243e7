package io.answerback.core.panel.operation;

import io.answerback.core.model.profile.Decision.ResetBy;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.PanelManners;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import io.answerback.core.signal.event.Qualifier;
import java.util.List;
import java.util.TreeSet;

/// Alarms of zones: what sounds, what is sent and when, and what a second zone confirms.
///
/// @param rules what the panel goes by
/// @param draft the step in the making
record Alarms(OperationRules rules, OperationDraft draft) {
    private static final long SECOND = 1000;
    private static final String CONFIRMED = "139";
    private static final String CALL_CONFIRMED = "129";
    private static final String LEFT_OUT = "570";
    private static final String RECENTLY_SET = "459";

    /// A zone that is watched alarms.
    void of(ZoneRule zone) {
        of(zone, rules.times().reportDelayMillis());
    }

    /// The entry time is over. Where a second zone has to confirm, the report waits longer.
    void afterEntry(ZoneRule zone) {
        long extension =
                rules.times().confirmationMillis() == 0 ? 0 : rules.manners().entryExtensionSeconds() * SECOND;
        of(zone, Math.max(rules.times().reportDelayMillis(), extension));
    }

    private void of(ZoneRule zone, long delay) {
        int times = draft.count(zone.number());
        if (times > rules.options().mostAlarms()) {
            draft.put(zone.area(), draft.area(zone.area()).without(zone.number()));
            draft.act(new Act.Shows(zone.name() + " is left out: too many alarms"));
            draft.send(rules, zone.area(), Qualifier.NEW, LEFT_OUT, zone.number());
            return;
        }
        AreaState area = draft.area(zone.area());
        draft.stop(Timer.Kind.ENTRY, zone.area());
        draft.put(zone.area(), area.alarmed(zone.number()));
        draft.act(new Act.Shows("Alarm: " + zone.name()));
        if (!waitsForSecond(area)) {
            sound(Act.Pattern.BURGLARY);
        }
        if (delay > 0) {
            draft.start(Timer.Kind.REPORT, zone.number(), delay);
        } else {
            send(zone);
        }
        if (draft.stop(Timer.Kind.RECENT, zone.area())) {
            draft.send(rules, zone.area(), Qualifier.NEW, RECENTLY_SET, area.user());
        }
        confirm(zone);
    }

    private boolean waitsForSecond(AreaState area) {
        return rules.manners().sounderWaits() && rules.times().confirmationMillis() > 0 && !area.confirmed();
    }

    /// The report of a zone has waited long enough.
    void reportNow(int number) {
        send(rules.zones().get(number));
    }

    void send(ZoneRule zone) {
        if (!draft.open(zone.number())) {
            draft.open(zone.number(), true);
            draft.send(rules, zone.area(), Qualifier.NEW, zone.event(), zone.number());
        }
        if (!zone.type().watchesAlways()) {
            draft.start(Timer.Kind.CANCEL, zone.area(), rules.manners().cancelSeconds() * SECOND);
        }
        restored(zone);
    }

    /// The end of an alarm is sent once its point has closed and, where the panel waits for that, the sounders have
    /// ended.
    void restored(ZoneRule zone) {
        if (!draft.open(zone.number()) || draft.reads(zone.number()) != Meaning.NORMAL) {
            return;
        }
        boolean waits =
                rules.manners().restores() == PanelManners.Restores.SOUNDER_ENDS && draft.runs(Timer.Kind.SOUNDER, 0);
        if (!waits) {
            draft.open(zone.number(), false);
            draft.send(rules, zone.area(), Qualifier.RESTORE, zone.event(), zone.number());
        }
    }

    /// The sounders have ended: what waited for that is sent.
    void restoresWaiting() {
        new TreeSet<>(draft.memory().open())
                .forEach(number -> restored(rules.zones().get(number)));
    }

    private void confirm(ZoneRule zone) {
        if (rules.times().confirmationMillis() == 0) {
            return;
        }
        AreaState area = draft.area(zone.area());
        if (!draft.runs(Timer.Kind.CONFIRMATION, zone.area())) {
            draft.put(zone.area(), area.confirmableAfter(zone.number()));
            draft.start(Timer.Kind.CONFIRMATION, zone.area(), rules.times().confirmationMillis());
        } else if (!area.confirmed() && area.firstZone() != zone.number()) {
            draft.put(zone.area(), area.nowConfirmed());
            sound(Act.Pattern.BURGLARY);
            draft.send(rules, zone.area(), Qualifier.NEW, CONFIRMED, zone.number());
            awaitReset(zone.area());
        }
    }

    /// A second call for help of the same area within the confirmation time confirms the first.
    void confirmCall(ZoneRule zone) {
        if (rules.times().confirmationMillis() == 0) {
            return;
        }
        List<ZoneRule> before = rules.zonesOf(zone.area()).stream()
                .filter(other -> other.number() != zone.number())
                .filter(other -> draft.stop(Timer.Kind.CALL, other.number()))
                .toList();
        if (before.isEmpty()) {
            draft.start(Timer.Kind.CALL, zone.number(), rules.times().confirmationMillis());
        } else {
            draft.send(rules, zone.area(), Qualifier.NEW, CALL_CONFIRMED, zone.number());
            awaitReset(zone.area());
        }
    }

    private void awaitReset(int area) {
        if (rules.options().resetBy() != ResetBy.USER) {
            draft.put(area, draft.area(area).awaitsReset());
        }
    }

    /// Fire is told from everything else and is not drowned by it.
    void sound(Act.Pattern pattern) {
        if (draft.sounding() == Act.Pattern.FIRE && pattern != Act.Pattern.FIRE) {
            return;
        }
        draft.sound(pattern);
        draft.start(Timer.Kind.SOUNDER, 0, rules.times().sounderMillis());
    }
}
