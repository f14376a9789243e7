package io.answerback.core.model.practice;

import java.util.Optional;

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
    /// The first data core of the keypad bus.
    BUS_ONE("first data"),
    /// The second data core of the keypad bus.
    BUS_TWO("second data"),
    /// Makes a sounder sound.
    SOUNDER("sounder drive"),
    /// Makes a strobe flash.
    STROBE("strobe trigger"),
    /// Tells when a sounder's cover is off; its way back is the supply's.
    SOUNDER_TAMPER("sounder tamper"),
    /// One core to a speaker.
    SPEAKER("speaker"),
    /// The other core to a speaker.
    SPEAKER_RETURN("speaker return"),
    /// One core from the panel's own dialler to a communicator that answers it.
    TIP("tip"),
    /// The other core from the dialler.
    RING("ring"),
    /// From an output of the panel to an input of a communicator; its way back is the supply's.
    EVENT("event output"),
    /// From a key-switch input of the panel to the output of a communicator that sets the site.
    SETTING("setting contact"),
    /// For nothing yet: folded back and kept.
    SPARE("spare");

    private final String words;

    CoreUse(String words) {
        this.words = words;
    }

    /// The other core of its pair; empty for a core that has none.
    public Optional<CoreUse> partner() {
        return switch (this) {
            case LOOP -> Optional.of(LOOP_RETURN);
            case LOOP_RETURN -> Optional.of(LOOP);
            case TAMPER -> Optional.of(TAMPER_RETURN);
            case TAMPER_RETURN -> Optional.of(TAMPER);
            case SUPPLY -> Optional.of(SUPPLY_RETURN);
            case SUPPLY_RETURN -> Optional.of(SUPPLY);
            case BUS_ONE -> Optional.of(BUS_TWO);
            case BUS_TWO -> Optional.of(BUS_ONE);
            case SPEAKER -> Optional.of(SPEAKER_RETURN);
            case SPEAKER_RETURN -> Optional.of(SPEAKER);
            case TIP -> Optional.of(RING);
            case RING -> Optional.of(TIP);
            case SOUNDER, STROBE, SOUNDER_TAMPER, EVENT, SETTING, SPARE -> Optional.empty();
        };
    }

    /// The use in plain words.
    public String words() {
        return words;
    }
}
