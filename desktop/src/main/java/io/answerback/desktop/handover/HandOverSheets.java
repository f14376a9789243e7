package io.answerback.desktop.handover;

/// The sheets of the hand-over bench.
public enum HandOverSheets {
    /// What the client keeps.
    PACK("Pack"),
    /// What is looked at before leaving.
    LEAVING("Before leaving"),
    /// When somebody has to come back.
    DUE("Due dates"),
    /// Visits, and what the next one has to do.
    VISITS("Visits"),
    /// What is taken to the site.
    MATERIALS("Materials"),
    /// How long the work takes.
    TIME("Time"),
    /// Photographs beside the job.
    PHOTOS("Photographs"),
    /// Everything that was done.
    LOG("Log");

    private final String title;

    HandOverSheets(String title) {
        this.title = title;
    }

    /// Its name on the switch.
    public String title() {
        return title;
    }
}
