package io.answerback.core.operation;

import io.answerback.core.event.Qualifier;
import io.answerback.core.operation.OperationRules.ZoneRule;
import io.answerback.core.profile.Decision.PartSet;
import io.answerback.core.profile.Meaning;
import io.answerback.core.profile.ZoneType;
import java.util.Optional;

/// What zones read, and what the panel makes of it.
///
/// @param rules what the panel goes by
/// @param draft the step in the making
record Watching(OperationRules rules, OperationDraft draft) {
    private static final String TAMPER = "137";
    private static final String EXIT_FAULT = "374";

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
        switch (is) {
            case NORMAL -> rests(zone);
            case ALARM, SECOND_ZONE, BOTH_ZONES -> opens(zone);
            case TAMPER, FAULT, MASKED -> tampers(zone, is);
        }
    }

    private Alarms alarms() {
        return new Alarms(rules, draft);
    }

    private void rests(ZoneRule zone) {
        AreaState area = draft.area(zone.area());
        if (zone.type() == ZoneType.KEY_SWITCH_HELD && !area.mode().unset()) {
            new Setting(rules, draft).unset(new Happening.UnsetAsked(zone.area(), HowSet.KEY, zone.number(), false));
        }
        if (draft.tampered(zone.number())) {
            draft.tampered(zone.number(), false);
            draft.send(rules, zone.area(), Qualifier.RESTORE, TAMPER, zone.number());
        }
        if (draft.open(zone.number())) {
            draft.open(zone.number(), false);
            draft.send(rules, zone.area(), Qualifier.RESTORE, zone.event(), zone.number());
        }
        boolean lastDoor = area.mode() == AreaMode.LEAVING
                && zone.type() == ZoneType.ENTRY_EXIT
                && rules.manners().lastDoorMillis() > 0;
        if (lastDoor
                && draft.left(Timer.Kind.EXIT, zone.area()) > rules.manners().lastDoorMillis()) {
            draft.start(Timer.Kind.EXIT, zone.area(), rules.manners().lastDoorMillis());
        }
    }

    private void tampers(ZoneRule zone, Meaning is) {
        AreaState area = draft.area(zone.area());
        draft.act(new Act.Shows(zone.name() + ": " + is.word()));
        if (area.mode().watches()) {
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
            default -> {
                if (zone.type().watchesAlways()) {
                    always(zone);
                } else {
                    watched(zone, area);
                }
            }
        }
    }

    private void key(ZoneRule zone, boolean unset) {
        Setting setting = new Setting(rules, draft);
        if (unset) {
            setting.unset(new Happening.UnsetAsked(zone.area(), HowSet.KEY, zone.number(), false));
        } else {
            setting.set(new Happening.SetAsked(zone.area(), HowSet.KEY, zone.number(), false, false));
        }
    }

    private void always(ZoneRule zone) {
        Act.Pattern pattern = switch (zone.type()) {
            case FIRE -> Act.Pattern.FIRE;
            case HOLD_UP -> Act.Pattern.HOLD_UP;
            case HOLD_UP_SILENT, TECHNICAL -> Act.Pattern.SILENCE;
            default -> Act.Pattern.BURGLARY;
        };
        if (zone.type() != ZoneType.HOLD_UP_SILENT) {
            draft.act(new Act.Shows(zone.name() + ": " + zone.type().words()));
        }
        if (pattern != Act.Pattern.SILENCE) {
            alarms().sound(pattern);
        }
        alarms().send(zone);
    }

    private void watched(ZoneRule zone, AreaState area) {
        if (area.leftOut().contains(zone.number())) {
            draft.act(new Act.Nothing(zone.name() + " is left out"));
            return;
        }
        switch (area.mode()) {
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
        draft.put(zone.area(), area.in(AreaMode.ENTERING));
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
        Optional<ZoneRule> door = rules.zonesOf(area).stream()
                .filter(zone -> zone.type() == ZoneType.ENTRY_EXIT)
                .filter(zone -> draft.reads(zone.number()) != Meaning.NORMAL)
                .findFirst()
                .or(() -> rules.zonesOf(area).stream()
                        .filter(zone -> zone.type() == ZoneType.ENTRY_EXIT)
                        .findFirst());
        if (state.exitFault()) {
            door.ifPresent(zone -> draft.send(rules, area, Qualifier.NEW, EXIT_FAULT, zone.number()));
        }
        door.ifPresent(alarms()::of);
    }
}
