package io.answerback.desktop.report;

/// The sheets of the report bench.
public enum ReportSheet {
    /// What leaves the building for the selected point, and what a receiver prints.
    SIGNAL("Signal", Row.SENT),
    /// What a receiver prints for the whole job.
    PRINTED("Whole job", Row.SENT),
    /// What is heard in a recording.
    RECORDING("Recording", Row.SENT),
    /// What has arrived at the practice station, and how it behaves.
    STATION("Station", Row.SENT),
    /// Which receiver and which person is told of which events.
    TOLD("Who is told", Row.WAYS),
    /// How long until somebody answers, and over which paths.
    HOW_LONG("How long", Row.WAYS),
    /// The receivers, and the accounts of the areas.
    RECEIVERS("Receivers", Row.WAYS),
    /// How the communicator stands on the site's network.
    NETWORK("Network", Row.SITE),
    /// Which communicator it is, how it is attached, and what tells it from others.
    COMMUNICATOR("Communicator", Row.SITE),
    /// The mail server, and a test mail.
    MESSAGES("Messages", Row.SITE),
    /// Phones that get what people are sent, and work the communicator by text.
    PHONES("Phones", Row.SITE);

    /// What sheets are about, so that the switch between them can be broken into two.
    enum Row {
        /// What is sent and what comes of it.
        SENT,
        /// Who is told, and the ways to them.
        WAYS,
        /// The communicator on the site, and what it sends to people.
        SITE
    }

    private final String title;
    private final Row row;

    ReportSheet(String title, Row row) {
        this.title = title;
        this.row = row;
    }

    /// Its name on the switch.
    public String title() {
        return title;
    }

    /// What it is about.
    Row row() {
        return row;
    }
}
