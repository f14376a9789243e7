package io.answerback.job;

/// What a core of a cable is for.
public enum CoreUse {
    /// The core from an input to the device's contacts.
    LOOP("loop"),
    /// The core back from the contacts.
    LOOP_RETURN("loop return"),
    /// The core that brings the tamper ring to the device.
    TAMPER("tamper"),
    /// The core that takes the tamper ring on from the device.
    TAMPER_RETURN("tamper return"),
    /// The positive supply of the device.
    SUPPLY("supply +"),
    /// The negative supply of the device.
    SUPPLY_RETURN("supply 0 V"),
    /// For nothing yet: folded back and kept.
    SPARE("spare");

    private final String words;

    CoreUse(String words) {
        this.words = words;
    }

    /// The use in plain words.
    public String words() {
        return words;
    }
}
