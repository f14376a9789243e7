package io.answerback.core.model.device;

/// Where the end-of-line resistor sits.
public enum ResistorPlace {
    /// At the last device, where it supervises the whole cable.
    LAST_DEVICE("at the last device"),
    /// At the panel's terminals, where a short in the cable looks normal.
    IN_PANEL("in the panel");

    private final String words;

    ResistorPlace(String words) {
        this.words = words;
    }

    /// The place as it reads in a sentence.
    public String words() {
        return words;
    }
}
