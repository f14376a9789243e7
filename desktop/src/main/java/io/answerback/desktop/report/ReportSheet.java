package io.answerback.desktop.report;

/// The sheets of the report bench.
public enum ReportSheet {
    /// What leaves the building for the selected point, and what a receiver prints.
    SIGNAL("The signal"),
    /// Which receiver is told of which events.
    TOLD("Who is told"),
    /// The receivers, and the accounts of the areas.
    RECEIVERS("Receivers"),
    /// What a receiver prints for the whole job.
    PRINTED("Whole job"),
    /// What is heard in a recording.
    RECORDING("A recording"),
    /// What has arrived at the practice station, and how it behaves.
    STATION("Practice station");

    private final String title;

    ReportSheet(String title) {
        this.title = title;
    }

    /// Its name on the switch.
    public String title() {
        return title;
    }
}
