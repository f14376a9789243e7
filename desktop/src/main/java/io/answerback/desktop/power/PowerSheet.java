package io.answerback.desktop.power;

/// The sheets of the power bench.
public enum PowerSheet {
    /// The battery's fall against the rule.
    HOLD("How long"),
    /// Every load, line by line.
    LOADS("Loads"),
    /// The supply trees with their volts.
    VOLTS("Volts"),
    /// Sounders, their outputs and their time.
    SOUNDERS("Sounders"),
    /// Power-down and power-up, step by step.
    SEQUENCE("Sequence"),
    /// Readings at the supply, visit by visit.
    MEASURED("Measured");

    private final String title;

    PowerSheet(String title) {
        this.title = title;
    }

    /// Its name on the switch.
    public String title() {
        return title;
    }
}
