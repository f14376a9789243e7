package io.answerback.core.model.receiver;

/// The classes of event that are routed each on their own.
public enum EventGroup {
    /// Intrusion, fire, gas and other alarms.
    ALARM("Alarm"),
    /// Hold-up and duress.
    HOLD_UP("Hold-up"),
    /// Tamper.
    TAMPER("Tamper"),
    /// The end of an alarm, hold-up, tamper or fault.
    RESTORE("Restore"),
    /// Setting, unsetting and zones left out.
    SETTING("{toSet} / {toUnset}"),
    /// Faults.
    FAULT("Fault"),
    /// Tests and programming.
    TEST("Test");

    private final String title;

    EventGroup(String title) {
        this.title = title;
    }

    /// Its title; has places for the words of a firm, such as "{toSet}".
    public String title() {
        return title;
    }
}
