package io.answerback.core.loop.scheme;

/// What can be the matter with a loop: with its cable, or with the way it was fitted.
public enum FaultKind {
    /// Nothing: as it was planned.
    SOUND("", Value.NONE),
    /// One core is broken.
    CUT("cable-cut", Value.NONE),
    /// The cores touch at some distance from the panel.
    SHORT("short", Value.METRES),
    /// Something conducts across the pair at the device: a wet joint.
    LEAK("damp", Value.OHMS),
    /// The core that is pulled up conducts to 0 V at the device by another way than its own pair.
    LEAK_TO_ZERO_VOLTS("leak-to-0v", Value.OHMS),
    /// A joint on the way conducts badly.
    JOINT("bad-joint", Value.OHMS),
    /// The end-of-line resistor was left out, its place bridged or left open as the scheme would have it.
    NO_RESISTOR("no-resistor", Value.NONE),
    /// The end-of-line resistor was fitted at the panel instead of at the last device.
    RESISTOR_IN_PANEL("resistor-in-panel", Value.NONE),
    /// The end-of-line resistor was fitted twice.
    DOUBLED("resistor-doubled", Value.NONE),
    /// The end-of-line resistor has another value.
    WRONG_RESISTOR("wrong-resistor", Value.OHMS),
    /// The alarm contact's resistor has another value.
    WRONG_ALARM_RESISTOR("wrong-alarm-resistor", Value.OHMS),
    /// The alarm contact's resistor was left out.
    ALARM_RESISTOR_MISSING("alarm-resistor-missing", Value.NONE),
    /// The end-of-line resistor and the alarm contact's are in each other's place.
    SWAPPED("resistors-swapped", Value.NONE),
    /// The contact does at rest what it should do when active.
    WRONG_FORM("wrong-contact-form", Value.NONE),
    /// A second loop just like this one is connected across it.
    TWO_LOOPS("two-loops", Value.NONE);

    /// What a fault has beside its kind.
    public enum Value {
        /// Nothing.
        NONE,
        /// A resistance, in ohms.
        OHMS,
        /// A distance from the panel, in metres.
        METRES
    }

    private final String id;
    private final Value value;

    FaultKind(String id, Value value) {
        this.id = id;
        this.value = value;
    }

    /// Its name in commands; empty for a sound loop.
    public String id() {
        return id;
    }

    /// What it has beside its kind.
    public Value value() {
        return value;
    }

    /// Whether it lies in how the loop was fitted, not in what became of its cable since.
    public boolean ofFitting() {
        return switch (this) {
            case SOUND, CUT, SHORT, LEAK, LEAK_TO_ZERO_VOLTS, JOINT, NO_RESISTOR -> false;
            case RESISTOR_IN_PANEL,
                    DOUBLED,
                    WRONG_RESISTOR,
                    WRONG_ALARM_RESISTOR,
                    ALARM_RESISTOR_MISSING,
                    SWAPPED,
                    WRONG_FORM,
                    TWO_LOOPS -> true;
        };
    }
}
