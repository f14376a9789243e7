package io.answerback.desktop.communicator;

/// What is looked at of a communicator.
enum UnitView {
    /// Which one it is, its wires and what must hold.
    WIRES("Wires"),
    /// The order of work.
    WORK("Order of work"),
    /// Its numbers, its SIM, its signal.
    IDENTITY("Numbers and signal");

    private final String words;

    UnitView(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }
}
