package io.answerback.core.model.site;

/// The seven links between a point and the operator, in the order a signal runs.
public enum Link {
    /// The thing that is watched.
    POINT("Point"),
    /// Contacts, resistors and cable as one resistance.
    LOOP("Loop"),
    /// The terminals that measure it.
    INPUT("Input"),
    /// What the panel was told to do with it.
    ZONE("Zone"),
    /// The code that stands for what happened.
    EVENT("Event"),
    /// The path out of the building.
    ROUTE("Route"),
    /// The station's answer.
    STATION("Station");

    private final String title;

    Link(String title) {
        this.title = title;
    }

    /// The link's name on screen.
    public String title() {
        return title;
    }
}
