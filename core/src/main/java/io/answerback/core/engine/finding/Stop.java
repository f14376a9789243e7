package io.answerback.core.engine.finding;

/// The nine stops of the job in the order of work. Each keeps its number, so that its key never changes.
public enum Stop {
    /// What is watched, where, on which inputs and by whose rules.
    SURVEY(1, "Survey"),
    /// Contacts, resistors and cable as one supervised input.
    LOOP(2, "Loop"),
    /// Which core goes where, and what has been run, labelled and terminated.
    CABLE(3, "Cable"),
    /// Loads, batteries, and volts at the far end.
    POWER(4, "Power"),
    /// Who answers at which address, and where each zone is read.
    BUS(5, "Bus"),
    /// What is decided, and what is typed into the panel.
    SET_UP(6, "Set up"),
    /// From the zone to the frame that leaves the building.
    REPORT(7, "Report"),
    /// Every line of the plan shown, every point answered by the station.
    PROVE(8, "Prove"),
    /// What the client keeps, when somebody comes back, and what must not be left behind.
    HAND_OVER(9, "Hand over");

    private final int number;
    private final String title;

    Stop(int number, String title) {
        this.number = number;
        this.title = title;
    }

    /// Its place among the nine stops, which is also its key.
    public int number() {
        return number;
    }

    /// Its name on screen and in commands.
    public String title() {
        return title;
    }
}
