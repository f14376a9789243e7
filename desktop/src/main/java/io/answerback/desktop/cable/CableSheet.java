package io.answerback.desktop.cable;

/// The sheets of the cable bench.
public enum CableSheet {
    /// The terminals of one box, and the cores of one cable.
    BOX("The box"),
    /// One core at a time, to be put in place.
    RUN("Wiring run"),
    /// Every cable, room by room.
    CABLES("All cables"),
    /// What is printed, page by page.
    PAPER("Paper");

    private final String title;

    CableSheet(String title) {
        this.title = title;
    }

    /// Its name on the switch.
    public String title() {
        return title;
    }
}
