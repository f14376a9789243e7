package io.answerback.desktop.loop;

/// The sheets of the loop bench.
public enum LoopSheet {
    /// The loop of the selected point.
    ONE_LOOP("This loop"),
    /// What was measured at every loop of one box.
    READINGS("Readings"),
    /// Colour bands, stock and the bag.
    RESISTORS("Resistors");

    private final String title;

    LoopSheet(String title) {
        this.title = title;
    }

    /// Its name on the switch.
    public String title() {
        return title;
    }
}
