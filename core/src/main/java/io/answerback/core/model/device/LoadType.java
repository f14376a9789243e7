package io.answerback.core.model.device;

/// How a load's current depends on its voltage.
public enum LoadType {
    /// It takes the same current at any voltage, as most detectors do.
    CONSTANT_CURRENT("constant current"),
    /// It takes the same power, so more current at less voltage, as switch-mode modules do.
    CONSTANT_POWER("constant power"),
    /// It is a resistance, as relays and sounders nearly are.
    RESISTIVE("resistive");

    private final String words;

    LoadType(String words) {
        this.words = words;
    }

    /// The law in plain words.
    public String words() {
        return words;
    }
}
