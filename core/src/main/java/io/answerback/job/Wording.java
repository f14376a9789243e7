package io.answerback.job;

/// Which school of words the firm uses for making an area watch and stand down.
public enum Wording {
    /// Set, unset, part set.
    SET_UNSET("set", "unset"),
    /// Arm, disarm, stay.
    ARM_DISARM("armed", "disarmed");

    private final String set;
    private final String unset;

    Wording(String set, String unset) {
        this.set = set;
        this.unset = unset;
    }

    /// The state of an area that watches.
    public String set() {
        return set;
    }

    /// The state of an area that stands down.
    public String unset() {
        return unset;
    }

    /// Both states, as the header names the school.
    public String both() {
        return this == SET_UNSET ? "set / unset" : "arm / disarm";
    }
}
