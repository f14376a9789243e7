package io.answerback.core.work.materials;

/// A sort of material.
public enum MaterialGroup {
    /// Cable, in metres.
    CABLE("Cable"),
    /// Detectors, contacts and buttons.
    DEVICES("Devices"),
    /// What hangs on the bus, and sounders.
    MODULES("Modules and sounders"),
    /// Batteries of supplies.
    BATTERIES("Batteries"),
    /// Resistors by value.
    RESISTORS("Resistors"),
    /// Connectors, labels and fixings.
    SMALL_PARTS("Small parts"),
    /// Tools, and what protects whoever works.
    TOOLS("Tools and protection");

    private final String title;

    MaterialGroup(String title) {
        this.title = title;
    }

    /// Its title.
    public String title() {
        return title;
    }
}
