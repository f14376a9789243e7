package io.answerback.desktop.cable;

/// What can be printed of the cables.
public enum PrintKind {
    /// Every cable, from where to where.
    CABLES("Cable schedule", true),
    /// Every core, and where it goes.
    CORES("Core schedule", true),
    /// The terminals of each box.
    BOXES("Box drawings", false),
    /// Labels for both ends of every cable.
    LABELS("Cable labels", false);

    private final String title;
    private final boolean table;

    PrintKind(String title, boolean table) {
        this.title = title;
        this.table = table;
    }

    /// Its name on screen.
    public String title() {
        return title;
    }

    /// Whether it can be written as comma-separated text too.
    public boolean table() {
        return table;
    }
}
