package io.answerback.core.model.profile;

/// What a terminal of a box is for.
public enum TerminalUse {
    /// Gives devices their positive supply.
    SUPPLY("supply +"),
    /// Takes their supply back.
    SUPPLY_RETURN("supply 0 V"),
    /// Measures a loop.
    INPUT("input"),
    /// The other end of one loop, or of several.
    INPUT_RETURN("input 0 V"),
    /// One end of the tamper ring.
    TAMPER("tamper"),
    /// A data core of the keypad bus; the first of a box is the first on every other.
    BUS("bus"),
    /// Makes a sounder sound.
    SOUNDER("sounder"),
    /// Makes a strobe flash.
    STROBE("strobe"),
    /// Watches a sounder's cover against the supply's return.
    SOUNDER_TAMPER("sounder tamper"),
    /// One of the two terminals of a speaker.
    SPEAKER("speaker"),
    /// One of the two terminals of a dialler: tip or ring.
    DIALLER("dialler"),
    /// A contact of a device.
    CONTACT("contact"),
    /// Switches something else.
    OUTPUT("output"),
    /// For something no core of a detector goes to.
    OTHER("other");

    private final String words;

    TerminalUse(String words) {
        this.words = words;
    }

    /// The use in plain words.
    public String words() {
        return words;
    }
}
