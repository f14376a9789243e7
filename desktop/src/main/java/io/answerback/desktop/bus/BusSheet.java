package io.answerback.desktop.bus;

/// The sheets of the bus bench.
public enum BusSheet {
    /// The bus as it is laid, with addresses and volts.
    LAID("As laid"),
    /// Where each zone is read.
    ZONES("Zone map"),
    /// What the panel has learned against what is on the wall.
    WALL("Panel and wall"),
    /// What the panel hears by radio, and how well.
    RADIO("By radio"),
    /// How a module is fitted, step by step.
    FITTING("Fitting"),
    /// Which converter takes old wired zones.
    CONVERTERS("Converters");

    private final String title;

    BusSheet(String title) {
        this.title = title;
    }

    /// Its name on the switch.
    public String title() {
        return title;
    }
}
