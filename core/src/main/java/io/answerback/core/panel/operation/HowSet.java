package io.answerback.core.panel.operation;

/// By what an area is set or unset, with the event that reports it (SIA DC-05).
public enum HowSet {
    /// A code at a keypad.
    CODE("401", true),
    /// A key at a keypad that sets without a code.
    QUICK("408", true),
    /// A key switch.
    KEY("409", true),
    /// A timer of the panel.
    TIMER("403", false),
    /// From afar: an application, a text, or a call.
    REMOTE("407", false);

    private final String event;
    private final boolean leaves;

    HowSet(String event, boolean leaves) {
        this.event = event;
        this.leaves = leaves;
    }

    /// The event that reports it.
    public String event() {
        return event;
    }

    /// Whether somebody has to leave, so that the exit time runs.
    public boolean leaves() {
        return leaves;
    }
}
