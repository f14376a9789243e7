package io.answerback.core.model.profile;

/// What the panel does when a zone goes into alarm, with the event code it sends by default (SIA DC-05
/// numbering).
public enum ZoneType {
    /// Programmed off: the panel ignores the input.
    NOT_USED("not used", ""),
    /// Starts the entry time when the area is set.
    ENTRY_EXIT("entry/exit", "134"),
    /// Silent while an entry time runs, immediate otherwise.
    ENTRY_ROUTE("entry route", "132"),
    /// Alarms at once when the area is set.
    IMMEDIATE("immediate", "130"),
    /// Alarms at once, set or unset.
    ALWAYS("24-hour", "133"),
    /// A call for help, set or unset.
    HOLD_UP("hold-up", "120"),
    /// A call for help that nothing on site shows, set or unset.
    HOLD_UP_SILENT("silent hold-up", "122"),
    /// A cover or a ring of covers, set or unset.
    TAMPER("tamper", "137"),
    /// Something that is not a break-in, set or unset.
    TECHNICAL("technical", "150"),
    /// Fire, set or unset. Life-safety work under its own code.
    FIRE("fire", "110"),
    /// Gas, set or unset. Life-safety work under its own code.
    GAS("gas", "151"),
    /// A key that springs back: each turn sets or unsets the area.
    KEY_SWITCH("key switch", "409"),
    /// A key that stays: turned it sets the area, turned back it unsets it.
    KEY_SWITCH_HELD("held key switch", "409"),
    /// Written to the panel's own log; nothing is sent.
    LOG_ONLY("log only", "");

    private final String words;
    private final String event;

    ZoneType(String words, String event) {
        this.words = words;
        this.event = event;
    }

    /// The type in plain words.
    public String words() {
        return words;
    }

    /// The three-digit event code sent unless the zone names its own; empty when nothing is sent.
    public String event() {
        return event;
    }

    /// Whether the panel reacts while the area is unset.
    public boolean watchesAlways() {
        return switch (this) {
            case ALWAYS, HOLD_UP, HOLD_UP_SILENT, TAMPER, TECHNICAL, FIRE, GAS -> true;
            case NOT_USED, ENTRY_EXIT, ENTRY_ROUTE, IMMEDIATE, KEY_SWITCH, KEY_SWITCH_HELD, LOG_ONLY -> false;
        };
    }

    /// Whether it is fire or gas, which come under their own code.
    public boolean lifeSafety() {
        return this == FIRE || this == GAS;
    }

    /// Whether it is a call for help.
    public boolean holdUp() {
        return this == HOLD_UP || this == HOLD_UP_SILENT;
    }

    /// Whether it sets and unsets its area.
    public boolean switches() {
        return this == KEY_SWITCH || this == KEY_SWITCH_HELD;
    }

    /// Whether it waits for an entry time while the area is watched.
    public boolean delayed() {
        return this == ENTRY_EXIT || this == ENTRY_ROUTE;
    }
}
