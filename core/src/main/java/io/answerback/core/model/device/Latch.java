package io.answerback.core.model.device;

/// How a device that stays in alarm once it was tripped is brought back.
public enum Latch {
    /// With a key or a tool, at the device.
    KEY("with its key, at the device"),
    /// By taking its supply away for a moment.
    SUPPLY("by taking its supply away for a moment");

    private final String words;

    Latch(String words) {
        this.words = words;
    }

    /// How, as it reads in a sentence.
    public String words() {
        return words;
    }
}
