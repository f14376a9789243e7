package io.answerback.job;

/// What a setting of a panel is there once for.
public enum SettingScope {
    /// Once for the panel.
    PANEL("panel", ""),
    /// Once for each area.
    AREA("area", "area"),
    /// Once for each zone.
    ZONE("zone", "zone"),
    /// Once for each user.
    USER("user", "user"),
    /// Once for each output of the board that is free for any use, in the order of its terminals.
    OUTPUT("output", "output"),
    /// Once for each module with an address on the bus; its number is that address.
    MODULE("module", "address");

    private final String words;
    private final String counted;

    SettingScope(String words, String counted) {
        this.words = words;
        this.counted = counted;
    }

    /// The scope in plain words.
    public String words() {
        return words;
    }

    /// What its number counts, such as "zone"; empty for the panel, which has no number.
    public String counted() {
        return counted;
    }
}
