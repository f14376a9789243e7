package io.answerback.core.model.profile;

/// What a setting of a panel is there once for.
public enum SettingScope {
    /// Once for the panel.
    PANEL(""),
    /// Once for each area.
    AREA("area"),
    /// Once for each zone.
    ZONE("zone"),
    /// Once for each user.
    USER("user"),
    /// Once for each output of the board that is free for any use, in the order of its terminals.
    OUTPUT("output"),
    /// Once for each module with an address on the bus; its number is that address.
    MODULE("address"),
    /// Once for each receiver, in the order of the list.
    RECEIVER("receiver"),
    /// Once for each person who is told by mail or text message, in the order of the list.
    PERSON("person");

    private final String counted;

    SettingScope(String counted) {
        this.counted = counted;
    }

    /// What its number counts, such as "zone"; empty for the panel, which has no number.
    public String counted() {
        return counted;
    }
}
