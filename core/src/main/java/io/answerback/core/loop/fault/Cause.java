package io.answerback.core.loop.fault;

import io.answerback.core.loop.scheme.FaultKind;
import java.util.Arrays;
import java.util.Optional;

/// One thing that can be the matter with a loop. Some have a value of their own that nobody knows beforehand.
public enum Cause {
    /// Everything as planned.
    SOUND("sound", "Everything as planned", FaultKind.SOUND, Free.NONE),
    /// The device is in another state than was meant, whatever is done to it.
    OTHER_STATE("other-state", "The device is in another state", FaultKind.SOUND, Free.STATE),
    /// A core is broken.
    CUT("cut", "A broken core", FaultKind.CUT, Free.NONE),
    /// The cores touch somewhere on the way.
    SHORT("short", "A short in the cable", FaultKind.SHORT, Free.METRES),
    /// Something conducts across the pair at the far end: water, a crushed joint.
    LEAK("leak", "A damp joint across the pair", FaultKind.LEAK, Free.OHMS),
    /// The live core conducts to 0 V by another way than its own pair.
    LEAK_TO_ZERO_VOLTS("leak-to-0v", "A leak to 0 V", FaultKind.LEAK_TO_ZERO_VOLTS, Free.OHMS),
    /// A joint on the way conducts badly.
    JOINT("joint", "A bad joint in series", FaultKind.JOINT, Free.OHMS),
    /// The end-of-line resistor is bridged or was left out and its place bridged.
    RESISTOR_BRIDGED(
            "resistor-bridged", "The end-of-line resistor is bridged or left out", FaultKind.NO_RESISTOR, Free.NONE),
    /// The end-of-line resistor has another value than planned.
    WRONG_RESISTOR("wrong-resistor", "A wrong end-of-line resistor", FaultKind.WRONG_RESISTOR, Free.PREFERRED_VALUE),
    /// The resistor across the contact has another value than planned.
    WRONG_ALARM_RESISTOR(
            "wrong-alarm-resistor",
            "A wrong resistor at the contact",
            FaultKind.WRONG_ALARM_RESISTOR,
            Free.PREFERRED_VALUE),
    /// The resistor across the contact was left out.
    ALARM_RESISTOR_MISSING(
            "alarm-resistor-missing",
            "The resistor across the contact is missing",
            FaultKind.ALARM_RESISTOR_MISSING,
            Free.NONE),
    /// The two resistors sit in each other's place.
    SWAPPED("swapped", "The two resistors are swapped", FaultKind.SWAPPED, Free.NONE),
    /// The end-of-line resistor is fitted twice.
    DOUBLED("doubled", "The end-of-line resistor is fitted twice", FaultKind.DOUBLED, Free.NONE),
    /// The end-of-line resistor sits at the panel instead of at the last device.
    RESISTOR_IN_PANEL(
            "resistor-in-panel", "The end-of-line resistor sits at the panel", FaultKind.RESISTOR_IN_PANEL, Free.NONE),
    /// The contact closes when it should open.
    WRONG_FORM("wrong-form", "A contact of the wrong form", FaultKind.WRONG_FORM, Free.NONE),
    /// A second loop like this one is connected across it.
    TWO_LOOPS("two-devices", "A second device's loop is connected across it", FaultKind.TWO_LOOPS, Free.NONE),
    /// A core is broken, and damp or corrosion conducts a little across the break.
    CUT_THROUGH_DAMP("cut-through-damp", "A broken core, bridged by damp or corrosion", FaultKind.JOINT, Free.OHMS),
    /// The detectors have lost their supply.
    LOST_SUPPLY("lost-supply", "The detector has lost its supply", FaultKind.SOUND, Free.NONE),
    /// The alarm contact stays as it is, whatever the device does; the others work.
    CONTACT_STICKS("contact-sticks", "The alarm contact sticks", FaultKind.SOUND, Free.STATE),
    /// None of these.
    UNEXPLAINED(
            "unexplained",
            "No single cause gives this: two faults at once, a slip of the meter, or another loop",
            FaultKind.SOUND,
            Free.NONE);

    /// What a cause has that is not known beforehand.
    public enum Free {
        /// Nothing.
        NONE,
        /// A state of the device, by its place among them.
        STATE,
        /// A resistance, in ohms.
        OHMS,
        /// A distance from the panel, in metres.
        METRES,
        /// The marked value of a resistor, in ohms, one of E24.
        PREFERRED_VALUE
    }

    private final String id;
    private final String words;
    private final FaultKind kind;
    private final Free free;

    Cause(String id, String words, FaultKind kind, Free free) {
        this.id = id;
        this.words = words;
        this.kind = kind;
        this.free = free;
    }

    /// Its name in data files.
    public String id() {
        return id;
    }

    /// The cause in plain words, without its value.
    public String words() {
        return words;
    }

    /// What is then the matter with the loop.
    public FaultKind kind() {
        return kind;
    }

    /// What it has that is not known beforehand.
    public Free free() {
        return free;
    }

    /// The cause of this name; empty when there is none.
    public static Optional<Cause> byId(String id) {
        return Arrays.stream(values()).filter(cause -> cause.id.equals(id)).findFirst();
    }
}
