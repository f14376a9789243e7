package io.answerback.core.model.unit;

/// Where a communicator takes its supply from.
public enum UnitSupply {
    /// From the connector or port it is plugged into.
    PORT("its port"),
    /// From the supply cores of the keypad bus.
    BUS("the keypad bus"),
    /// From the panel's supply for devices.
    AUXILIARY("the auxiliary output"),
    /// From a plug-in supply of its own.
    OWN("its own plug-in supply");

    private final String words;

    UnitSupply(String words) {
        this.words = words;
    }

    /// The supply, in plain words.
    public String words() {
        return words;
    }
}
