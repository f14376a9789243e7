package io.answerback.core.panel.operation;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.Decision.PartSet;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import io.answerback.core.signal.event.Qualifier;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// What zones read, and what the panel makes of it.
///
/// @param rules what the panel goes by
/// @param draft the step in the making
record Watching(OperationRules rules, OperationDraft draft) {
    private static final String TAMPER = "137";
    private static final String EXIT_FAULT = "374";
    private static final long SECOND = 1000;
    private static final long FIRE_SECONDS = 60;

    void reads(int number, Optional<Meaning> reads) {
        ZoneRule zone = rules.zones().get(number);
        if (zone == null) {
            draft.act(new Act.Nothing("zone " + number + " is off: nobody looks"));
            return;
        }
        if (reads.isEmpty()) {
            draft.act(new Act.Nothing("the loop reads between bands: what the panel does is not promised"));
            return;
        }
        Meaning was = draft.reads(number);
        Meaning is = reads.get();
        if (was == is) {
            return;
        }
        draft.read(number, is);
        if (quiet(zone)) {
            return;
        }
        switch (is) {
            case NORMAL -> rests(zone);
            case ALARM, SECOND_ZONE, BOTH_ZONES -> opens(zone);
            case TAMPER, FAULT, MASKED -> tampers(zone, is);
        }
    }

    /// While programming is open and while an area is walk tested, nothing sounds and nothing is sent.
    private boolean quiet(ZoneRule zone) {
        if (draft.service() == OperationState.Service.NONE) {
            return false;
        }
        boolean open = draft.reads(zone.number()) != Meaning.NORMAL;
        boolean walked = zone.areas().stream().anyMatch(draft.service().walked()::contains);
        if (walked && open) {
            draft.act(new Act.Shows("Walk test: " + zone.name()));
            draft.act(new Act.Beeps("walk test"));
        }
        if (draft.service().programming() && !walked && open) {
            draft.act(new Act.Nothing("programming is open: nothing is sent of " + zone.name()));
        }
        return (walked || draft.service().programming()) && open;
    }

    /// How the areas of a zone stand together: as the one that watches least.
    AreaMode mode(ZoneRule zone) {
        if (zone.areas().size() == 1) {
            return draft.area(zone.area()).mode();
        }
        return zone.areas().stream()
                .map(area -> draft.area(area).mode())
                .min(Comparator.comparingInt(Watching::watched))
                .orElseThrow();
    }

    private static int watched(AreaMode mode) {
        return switch (mode) {
            case UNSET, UNSET_AFTER_ALARM -> 0;
            case LEAVING -> 1;
            case ENTERING -> 2;
            case PART_SET -> 3;
            case SET, IN_ALARM -> 4;
        };
    }

    private Alarms alarms() {
        return new Alarms(rules, draft);
    }

    private void rests(ZoneRule zone) {
        AreaState area = draft.area(zone.area());
        if (zone.type() == ZoneType.KEY_SWITCH_HELD && !area.mode().unset()) {
            new Unsetting(rules, draft).unset(new Happening.UnsetAsked(zone.area(), HowSet.KEY, zone.number(), false));
        }
        if (draft.tampered(zone.number())) {
            draft.tampered(zone.number(), false);
            draft.send(rules, zone.area(), Qualifier.RESTORE, TAMPER, zone.number());
        }
        alarms().restored(zone);
        if (zone.type() == ZoneType.ENTRY_EXIT) {
            for (int number : zone.areas()) {
                if (draft.area(number).mode() == AreaMode.LEAVING) {
                    new ExitTime(rules, draft).lastDoor(number);
                }
            }
        }
    }

    private void tampers(ZoneRule zone, Meaning is) {
        AreaState area = draft.area(zone.area());
        draft.act(new Act.Shows(zone.name() + ": " + is.word()));
        if (mode(zone).watches()) {
            alarms().sound(Act.Pattern.BURGLARY);
        } else {
            draft.act(new Act.Beeps("tamper"));
        }
        if (!draft.tampered(zone.number())) {
            draft.tampered(zone.number(), true);
            draft.send(rules, zone.area(), Qualifier.NEW, TAMPER, zone.number());
        }
    }

    private void opens(ZoneRule zone) {
        AreaState area = draft.area(zone.area());
        switch (zone.type()) {
            case LOG_ONLY -> draft.act(new Act.Nothing(zone.name() + " is written to the log"));
            case KEY_SWITCH -> key(zone, !area.mode().unset());
            case KEY_SWITCH_HELD -> key(zone, false);
            case NOT_USED,
                    ENTRY_EXIT,
                    ENTRY_ROUTE,
                    IMMEDIATE,
                    ALWAYS,
                    HOLD_UP,
                    HOLD_UP_SILENT,
                    TAMPER,
                    TECHNICAL,
                    FIRE,
                    GAS -> {
                if (zone.type().watchesAlways()) {
                    always(zone);
                } else {
                    watched(zone, area);
                }
            }
        }
    }

    private void key(ZoneRule zone, boolean unset) {
        if (unset) {
            new Unsetting(rules, draft).unset(new Happening.UnsetAsked(zone.area(), HowSet.KEY, zone.number(), false));
        } else {
            new Setting(rules, draft).set(new Happening.SetAsked(zone.area(), HowSet.KEY, zone.number(), false, false));
        }
    }

    private void always(ZoneRule zone) {
        if (zone.type() == ZoneType.FIRE && rules.options().fireVerified() && !verified(zone)) {
            return;
        }
        alwaysAlarms(zone);
    }

    /// Fire is taken for it once a detector that was reset alarms again, a second one does, or fire sounds already.
    private boolean verified(ZoneRule zone) {
        List<ZoneRule> before = rules.zonesOf(zone.area()).stream()
                .filter(other -> draft.stop(Timer.Kind.FIRE, other.number()))
                .toList();
        if (!before.isEmpty() || draft.sounding() == Act.Pattern.FIRE) {
            return true;
        }
        draft.act(new Act.Shows(Text.of("%s: reset; fire if it alarms again within %d s", zone.name(), FIRE_SECONDS)));
        draft.start(Timer.Kind.FIRE, zone.number(), FIRE_SECONDS * SECOND);
        return false;
    }

    /// The time for a second alarm is over: a detector that alarms still was not quieted by its reset.
    void stillFire(int number) {
        if (draft.reads(number) == Meaning.ALARM) {
            alwaysAlarms(rules.zones().get(number));
        }
    }

    private void alwaysAlarms(ZoneRule zone) {
        Act.Pattern pattern = switch (zone.type()) {
            case FIRE -> Act.Pattern.FIRE;
            case HOLD_UP -> Act.Pattern.HOLD_UP;
            case HOLD_UP_SILENT, TECHNICAL -> Act.Pattern.SILENCE;
            case NOT_USED,
                    ENTRY_EXIT,
                    ENTRY_ROUTE,
                    IMMEDIATE,
                    ALWAYS,
                    TAMPER,
                    GAS,
                    KEY_SWITCH,
                    KEY_SWITCH_HELD,
                    LOG_ONLY -> Act.Pattern.BURGLARY;
        };
        if (zone.type() != ZoneType.HOLD_UP_SILENT) {
            draft.act(new Act.Shows(zone.name() + ": " + zone.type().words()));
        }
        if (pattern != Act.Pattern.SILENCE) {
            alarms().sound(pattern);
        }
        alarms().send(zone);
        if (zone.type() == ZoneType.HOLD_UP || zone.type() == ZoneType.HOLD_UP_SILENT) {
            alarms().confirmCall(zone);
        }
    }

    private void watched(ZoneRule zone, AreaState area) {
        if (zone.type() == ZoneType.ENTRY_EXIT) {
            zone.areas().forEach(new ExitTime(rules, draft)::openedAgain);
        }
        if (area.leftOut().contains(zone.number())) {
            draft.act(new Act.Nothing(zone.name() + " is left out"));
            return;
        }
        if (zone.doubleKnock() && mode(zone).watches() && !knockedBefore(zone)) {
            return;
        }
        switch (mode(zone)) {
            case UNSET, UNSET_AFTER_ALARM -> {
                if (zone.chime()) {
                    draft.act(new Act.Beeps("chime"));
                }
            }
            case LEAVING -> {
                if (!zone.delayed()) {
                    alarms().of(zone);
                }
            }
            case PART_SET -> partly(zone, area);
            case SET -> {
                if (zone.type() == ZoneType.ENTRY_EXIT) {
                    enters(zone, area);
                } else {
                    alarms().of(zone);
                }
            }
            case ENTERING -> {
                if (!zone.delayed()) {
                    alarms().of(zone);
                }
            }
            case IN_ALARM -> alarms().of(zone);
        }
    }

    /// The first knock is only remembered for a while; the second within it counts.
    private boolean knockedBefore(ZoneRule zone) {
        if (draft.stop(Timer.Kind.KNOCK, zone.number())) {
            return true;
        }
        long seconds = rules.manners().knockSeconds();
        draft.start(Timer.Kind.KNOCK, zone.number(), seconds * SECOND);
        draft.act(new Act.Nothing(Text.of("%s: first knock; a second within %d s is an alarm", zone.name(), seconds)));
        return false;
    }

    private void partly(ZoneRule zone, AreaState area) {
        if (zone.part() == PartSet.OUT) {
            return;
        }
        if (zone.part() == PartSet.ENTRY || zone.type() == ZoneType.ENTRY_EXIT) {
            enters(zone, area);
        } else {
            alarms().of(zone);
        }
    }

    private void enters(ZoneRule zone, AreaState area) {
        draft.put(zone.area(), area.entered(zone.number()));
        draft.act(new Act.Beeps("entry"));
        draft.start(
                Timer.Kind.ENTRY, zone.area(), rules.areas().get(zone.area()).entryMillis());
    }

    /// The entry time is over, and nobody has unset: the door that is to blame alarms.
    void notUnsetInTime(int area) {
        AreaState state = draft.area(area);
        if (state.mode() != AreaMode.ENTERING) {
            return;
        }
        Optional<ZoneRule> door = Optional.ofNullable(rules.zones().get(state.entryZone()));
        if (state.exitFault()) {
            door.ifPresent(zone -> draft.send(rules, area, Qualifier.NEW, EXIT_FAULT, zone.number()));
        }
        door.ifPresent(alarms()::afterEntry);
    }
}
