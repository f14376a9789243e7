package io.answerback.core.prove.acceptance;

/// The parts of an acceptance plan, in the order in which they disturb least.
public enum LineSection {
    /// Every point, alarm and restore.
    DEVICES("Devices, area by area"),
    /// Covers, lids, keypads and the other modules.
    COVERS("Covers, lids and modules"),
    /// Setting and unsetting by every means, and the ways in.
    SETTING("Setting and ways in"),
    /// Sounders, strobes and speakers, each alone.
    OUTPUTS("What is heard and seen"),
    /// Paths, receivers, tests and people.
    REPORTING("Paths, receivers and people"),
    /// Mains, battery, and the restart after a power cut.
    SUPPLY("Supply");

    private final String title;

    LineSection(String title) {
        this.title = title;
    }

    /// Whether its lines are walked to, one after the other; the others take time of their own.
    public boolean walked() {
        return this == DEVICES || this == COVERS;
    }

    /// Its title.
    public String title() {
        return title;
    }
}
